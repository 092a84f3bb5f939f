import { describe, expect, it, vi } from 'vitest';
import { ServerError } from '../problems/serverError.js';
import { requireRoom, withRoom } from './diskRoom.js';
import { engineFault } from './engineFault.js';

const coded = (code: string, message = 'x') => Object.assign(new Error(message), { code });

describe('what the database says when it is not the question’s fault', () => {
  it.each([
    [coded('53100'), 'full'],
    [new Error('Failed query: insert into "runs" …', { cause: coded('53100') }), 'full'],
    [new Error('could not extend file "base/5/1": No space left on device'), 'full'],
    [new Error('could not write: Read-only file system'), 'readOnly'],
    [coded('XX001', 'invalid page in block 3 of relation "base/5/16384"'), 'damaged'],
    [new Error('wrapped', { cause: new Error('missing chunk number 0 for toast value 7') }), 'damaged'],
    [new WebAssembly.RuntimeError('unreachable'), 'gone'],
    [new Error('PGlite is closed'), 'gone'],
    [coded('57P01', 'terminating connection due to administrator command'), 'away'],
    [coded('ECONNREFUSED'), 'away'],
    [new Error('wrapped', { cause: new Error('Connection terminated unexpectedly') }), 'away'],
    [new Error('timeout exceeded when trying to connect'), 'away'],
    [coded('40P01', 'deadlock detected'), 'collided'],
    [coded('23503', 'violates foreign key constraint'), 'orphaned'],
  ])('%s', (error, fault) => {
    expect(engineFault(error)).toBe(fault);
  });
  it.each([
    [new Error('Failed query: insert … “PANIC, no space left, invalid page”', { cause: coded('23505') })],
    [coded('23505', 'duplicate key')],
    [new ServerError('notFound', { message: 'There is nothing here.' })],
    ['no error at all'],
    [null],
  ])('%s is none of it', (error) => {
    expect(engineFault(error)).toBeNull();
  });
});

describe('room on the disk', () => {
  it('is there for a test, and missing where there is no such place', () => {
    expect(() => requireRoom(process.cwd())).not.toThrow();
    expect(() => requireRoom('/nowhere/at/all')).toThrow();
  });
  it('is asked for by what writes, and not by what reads', () => {
    const db = {
      insert: vi.fn(),
      update: vi.fn(),
      delete: vi.fn(),
      transaction: vi.fn(),
      select: vi.fn(() => 7),
      name: 'x',
    };
    const guarded = withRoom(db, '/nowhere/at/all');
    expect(guarded.select()).toBe(7);
    expect(guarded.name).toBe('x');
    for (const write of ['insert', 'update', 'delete', 'transaction'] as const) {
      expect(() => guarded[write]()).toThrow();
      expect(db[write]).not.toHaveBeenCalled();
    }
    const roomy = withRoom(db, process.cwd());
    roomy.insert();
    expect(db.insert).toHaveBeenCalledOnce();
  });
});
