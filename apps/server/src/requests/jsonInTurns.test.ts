import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { InvalidInput } from '../problems/invalidInput.js';
import { createYield } from '../turns/cooperative.js';
import { jsonInTurns } from './jsonInTurns.js';

const read = (text: string) => jsonInTurns(Buffer.from(text), createYield());
/** What the language's own reader says; null where it is no JSON. */
const asParsed = (text: string): { value: unknown } | null => {
  try {
    return { value: JSON.parse(text) };
  } catch {
    return null;
  }
};
const asRead = async (text: string) => {
  try {
    return { value: await read(text) };
  } catch (error) {
    if (error instanceof SyntaxError) return null;
    if (error instanceof InvalidInput && error.errors[0]?.message.includes('twice')) return 'twice';
    throw error;
  }
};
const file = fc.dictionary(
  fc.string(),
  fc.oneof(fc.jsonValue({ maxDepth: 3 }), fc.array(fc.jsonValue({ maxDepth: 3 }), { maxLength: 6 })),
);

describe('JSON read in turns', () => {
  it('is what it would be read at once', async () => {
    await fc.assert(
      fc.asyncProperty(file, fc.constantFrom(undefined, 1, '\t'), async (value, indent) => {
        const text = JSON.stringify(value, null, indent).replaceAll('\\u0000', ' ');
        expect(await asRead(text)).toEqual(asParsed(text));
      }),
    );
  });
  it('is refused where it would be refused at once: cut, doubled or changed anywhere', async () => {
    const spoilt = fc.tuple(
      file,
      fc.nat(),
      fc.constantFrom('', ',', ']', '}', '"', ':', '[', '\\', 'x', '1 2'),
    );
    await fc.assert(
      fc.asyncProperty(spoilt, async ([value, where, put]) => {
        const text = JSON.stringify(value).replaceAll('\\u0000', ' ');
        const at = where % (text.length + 1);
        for (const changed of [
          text.slice(0, at),
          text.slice(0, at) + put + text.slice(at),
          text.slice(0, at) + put + text.slice(at + 1),
        ]) {
          const read = await asRead(changed);
          // Two names have become one: no matter what else is wrong, it is refused.
          if (read !== 'twice') expect({ changed, read }).toEqual({ changed, read: asParsed(changed) });
        }
      }),
    );
  });
  it.each([
    '',
    ' ',
    '{',
    '{}',
    ' { } ',
    '[]',
    '[1,2]',
    'null',
    '"a"',
    '5',
    '{"a":1,}',
    '{"a":[1,]}',
    '{"a" : [ ] , "b":{}}',
    '{a:1}',
    '{"a":1}x',
    '{"a":[1}',
    '{"a":"\\"]"}',
    '{"__proto__":{"x":1}}',
    '{1:2}',
    '{"a"}',
  ])('%s', async (text) => {
    expect(await asRead(text)).toEqual(asParsed(text));
  });
  it.each([
    '{"a":1,"a":2}',
    '{"rows":[{"id":1,"b":[{"id":2}],"id":3}]}',
    '{"rows":[[{"x":{},"y":[],"x":null}]]}',
    '{"one":{"a":"a","\\u0061":1}}',
  ])('%s has a name twice, and is refused', async (text) => {
    expect(asParsed(text)).not.toBeNull();
    await expect(read(text)).rejects.toMatchObject({ errors: [{ message: /twice/ }] });
  });
  it('the same name in other rows, and as a value, stands once', async () => {
    const text = '{"rows":[{"a":"a"},{"a":["a","a",{"a":"a"}],"b":"a"}],"a":{"a":{"a":1}}}';
    expect(await read(text)).toEqual(JSON.parse(text));
  });
  it('with a byte order mark, and nothing that cannot be kept', async () => {
    expect(await read('\ufeff{"a":[1]}')).toEqual({ a: [1] });
    await expect(read('{"rows":[{"b":"ok"},{"b":["\\u0000"]}]}')).rejects.toMatchObject({
      errors: [{ path: 'rows.1.b.0' }],
    });
    await expect(read('{"\\ud800":1}')).rejects.toMatchObject({ errors: [{ path: '' }] });
    const deep = '['.repeat(60) + ']'.repeat(60);
    await expect(read(`{"a":[${deep}]}`)).rejects.toMatchObject({ errors: [{ message: /nested/ }] });
  });
});
