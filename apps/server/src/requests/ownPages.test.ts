import { describe, expect, it } from 'vitest';
import { hostName, isLoopback } from './ownPages.js';
import { findTextFault } from './storableText.js';

describe('the name a request comes by', () => {
  it.each([
    ['127.0.0.1:4870', '127.0.0.1'],
    ['LOCALHOST', 'localhost'],
    ['[::1]:4870', '[::1]'],
    // A browser reads these as the same address.
    ['127.1', '127.0.0.1'],
    ['2130706433', '127.0.0.1'],
  ])('%s is %s, and this computer', (host, name) => {
    expect(hostName(host)).toBe(name);
    expect(isLoopback(name)).toBe(true);
  });
  it.each([
    'evil.example',
    '127.0.0.1.evil.example',
    'localhost.evil.example',
    '[::2]',
    '10.0.0.1',
    '1270.0.0.1',
  ])('%s is not', (host) => {
    expect(isLoopback(hostName(host) ?? '')).toBe(false);
  });
  it.each([undefined, '', 'a b', 'localhost/..', 'user@localhost', 'localhost:99999', '[', '😀'])(
    '%s is no name at all',
    (host) => {
      expect(hostName(host)).toBeNull();
    },
  );
});

describe('text that cannot be kept', () => {
  it.each([
    [{ a: [{ b: 'x\u0000' }] }, 'a.0.b'],
    [{ a: '\ud800' }, 'a'],
    [{ a: 'ok', b: { '\udc00': 1 } }, 'b'],
    ['\u0000', ''],
  ])('is found at its place', (given, path) => {
    expect(findTextFault(given)?.path.join('.')).toBe(path);
  });
  it('is none where pairs are whole', () => {
    expect(findTextFault({ a: '😀 \t\n é', b: [1, null, true] })).toBeNull();
  });
  it('is found by depth too, however deep', () => {
    let deep: unknown = 'x';
    for (let depth = 0; depth < 200_000; depth += 1) deep = [deep];
    expect(findTextFault(deep)?.message).toMatch(/nested/);
  });
});
