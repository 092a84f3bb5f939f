import type { Problem } from '@feverfew/contracts';
import { DomainError, type DomainErrorCode, quantityWords } from '@feverfew/core';
import { type ArgumentsHost, Catch, type ExceptionFilter, HttpException, Logger } from '@nestjs/common';
import type { Request, Response } from 'express';
import { type EngineFault, engineFault } from '../database/engineFault.js';
import { InvalidInput } from './invalidInput.js';
import { answerOf, CORE_PROBLEMS, REQUEST_PROBLEMS, SERVER_PROBLEMS } from './problems.js';
import { ServerError, type ServerErrorCode } from './serverError.js';
import { withoutHouseText } from './withoutHouseText.js';

/** When what was busy is tried again, s. */
const AGAIN_AFTER_S = 2;

/** Expected, passing errors. The client sees them, so they are not logged. */
const SAID_BEFORE = new Set([SERVER_PROBLEMS.busy.status, SERVER_PROBLEMS.diskFull.status]);

const ENGINE_FAULTS: Readonly<Record<EngineFault, Problem>> = {
  full: {
    type: 'urn:feverfew:diskFull',
    title: SERVER_PROBLEMS.diskFull.title,
    status: SERVER_PROBLEMS.diskFull.status,
    detail: 'The disk that keeps this house is full. Nothing was changed. Make room, then try again.',
  },
  readOnly: {
    type: 'urn:feverfew:notWritable',
    title: SERVER_PROBLEMS.notWritable.title,
    status: SERVER_PROBLEMS.diskFull.status,
    detail:
      'The disk that keeps this house takes nothing any more. Nothing was changed. See to the disk, then try again.',
  },
  damaged: {
    type: 'urn:feverfew:dataDamaged',
    title: SERVER_PROBLEMS.dataDamaged.title,
    status: 500,
    detail:
      'Something of what was kept cannot be read any more. Stop the server and start it again: it says which backup ' +
      'to go back to.',
  },
  away: {
    type: 'urn:feverfew:busy',
    title: 'The database does not answer',
    status: SERVER_PROBLEMS.busy.status,
    detail:
      'The database does not answer just now. What was acknowledged is kept. It is tried again by itself.',
  },
  collided: {
    type: 'urn:feverfew:busy',
    title: SERVER_PROBLEMS.busy.title,
    status: SERVER_PROBLEMS.busy.status,
    detail: 'Another device was writing to the same. Nothing was changed; try again.',
  },
  orphaned: {
    type: 'urn:feverfew:notFound',
    title: SERVER_PROBLEMS.notFound.title,
    status: SERVER_PROBLEMS.notFound.status,
    detail: 'What this belongs to was taken away meanwhile. Nothing was changed.',
  },
  gone: {
    type: 'urn:feverfew:busy',
    title: 'The database has stopped',
    status: SERVER_PROBLEMS.busy.status,
    detail: 'The database has stopped. What was acknowledged is kept; the server has to be started again.',
  },
};

type Details = Readonly<Record<string, string | number | undefined>>;

/** A problem with the words of the error, or with what its details say. */
function described(
  { code, details }: DomainError | ServerError,
  { status, title }: { readonly status: number; readonly title: string },
): Problem {
  const { path, message, ...rest }: Details = { ...details };
  // A value out of range is reported under its own name.
  const place = path ?? (code === 'outOfRange' ? rest.quantity : undefined);
  const detail = message ? String(message) : wordsOf(code, rest);
  return {
    type: `urn:feverfew:${code}`,
    title,
    status,
    detail: detail || `${title}.`,
    ...(place ? { errors: [{ path: String(place), message: detail }] } : {}),
  };
}

function wordsOf(code: DomainErrorCode | ServerErrorCode, details: Details): string {
  if (code === 'outOfRange')
    return `${quantityWords(String(details.quantity))} is ${details.value}: it has to lie between ${details.min} and ${details.max}.`;
  if (code === 'cannotStrengthen')
    return `${details.fromPct} % cannot become ${details.toPct} %: water only makes weaker.`;
  return Object.entries(details)
    .map(([key, value]) => `${key}: ${value}`)
    .join(', ');
}

/** The one place where failures become RFC 9457 problem details. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly log = new Logger('Problem');

  /** @param onEngineGone what is to be done where the database answers nothing any more */
  constructor(private readonly onEngineGone: () => void = () => undefined) {}

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const request = http.getRequest<Request>();
    const problem = { ...this.describe(error), instance: request.originalUrl };
    if (problem.status >= 500 && !SAID_BEFORE.has(problem.status)) this.log.error(withoutHouseText(error));
    const response = http.getResponse<Response>();
    if (problem.status === SERVER_PROBLEMS.busy.status) response.setHeader('Retry-After', AGAIN_AFTER_S);
    response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
    if (engineFault(error) === 'gone') this.onEngineGone();
  }

  private describe(error: unknown): Problem {
    if (error instanceof InvalidInput) {
      return { ...answerOf('invalidInput'), detail: error.message, errors: [...error.errors] };
    }
    if (error instanceof ServerError) return described(error, SERVER_PROBLEMS[(error as ServerError).code]);
    if (error instanceof DomainError) return described(error, CORE_PROBLEMS[(error as DomainError).code]);
    if (error instanceof HttpException) {
      return {
        type: 'about:blank',
        title: error.name.replace(/Exception$/, ''),
        status: error.getStatus(),
        detail: error.message,
      };
    }
    const fault = engineFault(error);
    if (fault) return ENGINE_FAULTS[fault];
    const status = (error as { status?: number } | null)?.status;
    if (typeof status === 'number' && status >= 400 && status < 500) {
      return status === REQUEST_PROBLEMS.tooLarge.status
        ? {
            ...answerOf('tooLarge'),
            detail:
              'That is too large: a household file may be 400 MB, all else 200 kB. Nothing was changed.',
          }
        : {
            ...answerOf('unreadableJson'),
            status,
            detail: 'It does not read as JSON: it may have been cut short on its way. Nothing was changed.',
          };
    }
    return {
      type: 'about:blank',
      title: 'Something broke',
      status: 500,
      detail: 'The server could not finish this. Nothing was changed; try again.',
    };
  }
}
