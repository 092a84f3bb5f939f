import { Problem } from '@feverfew/contracts';
import { DomainError } from '@feverfew/core';
import type { ArgumentsHost } from '@nestjs/common';
import { describe, expect, it } from 'vitest';
import { ProblemFilter } from './problem.filter.js';
import { CORE_PROBLEMS, SERVER_PROBLEMS } from './problems.js';
import { ServerError, type ServerErrorCode } from './serverError.js';

/** What the filter sends for an error. */
function sent(error: unknown) {
  const answer = { status: 0, type: '', body: '', headers: {} as Record<string, number> };
  const response = {
    status: (status: number) => {
      answer.status = status;
      return response;
    },
    type: (type: string) => {
      answer.type = type;
      return response;
    },
    setHeader: (name: string, value: number) => {
      answer.headers[name] = value;
    },
    send: (body: string) => {
      answer.body = body;
    },
  };
  const http = { getRequest: () => ({ originalUrl: '/api/x' }), getResponse: () => response };
  new ProblemFilter().catch(error, { switchToHttp: () => http } as unknown as ArgumentsHost);
  return { ...answer, problem: Problem.parse(JSON.parse(answer.body)) };
}

/** Those that end a start, before anybody can ask. */
const STARTING = [
  'badPort',
  'dataDirectoryInUse',
  'notADataDirectory',
  'demoNotWhole',
  'notWritable',
  'dataDamaged',
  'badSealKey',
  'databaseAway',
  'databaseTooOld',
  'notEmbedded',
];
/** What a device tries again by itself. */
const AGAIN = ['busy', 'overloaded', 'diskFull'];

const all = [
  new DomainError('unknownReference', { message: 'No such mark.', path: 'markIds' }),
  new DomainError('outOfRange', { quantity: 'toPct', value: 120, min: 0, max: 100 }),
  new DomainError('cannotStrengthen', { fromPct: 3, toPct: 12 }),
  new DomainError('nothingToMix', {}),
  ...Object.keys(SERVER_PROBLEMS).map(
    (code) => new ServerError(code as ServerErrorCode, { message: `Refused: ${code}.` }),
  ),
];

describe('a problem', () => {
  it('has an example here of each code of the core', () => {
    const tried = all.filter((error) => error instanceof DomainError).map(({ code }) => code);
    expect(tried).toEqual(Object.keys(CORE_PROBLEMS));
  });
  it.each(
    all.filter(({ code }) => ![...STARTING, ...AGAIN].includes(code)).map((error) => [error.code, error]),
  )('%s is the asker’s to mend, with words', (code, error) => {
    const { status, type, problem } = sent(error);
    expect(type).toBe('application/problem+json');
    expect(status).toBeGreaterThanOrEqual(400);
    expect(status).toBeLessThan(500);
    expect(problem).toMatchObject({ type: `urn:feverfew:${code}`, status, instance: '/api/x' });
    expect(problem.detail).toMatch(/^[A-Z0-9].*\.$/);
    expect(problem.detail).not.toMatch(/undefined|toPct/);
  });
  it('is to be tried again where another device was writing', () => {
    for (const code of ['busy', 'overloaded'] as const) {
      const { status, headers } = sent(new ServerError(code, { message: 'Again.' }));
      expect(status).toBe(503);
      expect(headers['Retry-After']).toBeGreaterThan(0);
    }
    expect(sent(new ServerError('notFound', { message: 'There is none.' })).headers).toEqual({});
  });
  it('says nothing of what broke inside', () => {
    const { status, problem } = sent(new Error('secret path'));
    expect(status).toBe(500);
    expect(JSON.stringify(problem)).not.toContain('secret');
  });
});
