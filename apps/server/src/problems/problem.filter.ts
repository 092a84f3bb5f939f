import type { Problem } from '@feverfew/contracts';
import { DomainError, type DomainErrorCode, quantityWords } from '@feverfew/core';
import { type ArgumentsHost, Catch, type ExceptionFilter, HttpException, Logger } from '@nestjs/common';
import type { Request, Response } from 'express';
import { type EngineFault, engineFault } from '../database/engineFault.js';
import { InvalidInput } from './invalidInput.js';
import { ServerError, type ServerErrorCode } from './serverError.js';
import { withoutHouseText } from './withoutHouseText.js';

type Answers<Code extends string> = Readonly<
  Record<Code, { readonly status: number; readonly title: string }>
>;

/** Stable code of the core → HTTP status and words. */
export const CORE_PROBLEMS: Answers<DomainErrorCode> = {
  unknownReference: { status: 400, title: 'Unknown name' },
  outOfRange: { status: 400, title: 'Out of range' },
  cannotStrengthen: { status: 400, title: 'Nothing can be diluted upwards' },
  nothingToMix: { status: 400, title: 'There is nothing to mix' },
};

/** Stable code of the server → HTTP status and words. */
export const SERVER_PROBLEMS: Answers<ServerErrorCode> = {
  notFound: { status: 404, title: 'Not found' },
  mixRefused: { status: 409, title: 'That is not mixed' },
  trialRefused: { status: 409, title: 'That would not be a fair trial' },
  pictureRefused: { status: 400, title: 'That picture is not kept' },
  runRefused: { status: 409, title: 'That does not fit the state of the run' },
  courseRefused: { status: 409, title: 'Not that way from here' },
  // A device tries again by itself.
  busy: { status: 503, title: 'Another device is writing to it' },
  overloaded: { status: 503, title: 'Too much at once' },
  noLadder: { status: 409, title: 'Nothing to carry out' },
  planRefused: { status: 409, title: 'That plan has not started' },
  logBroken: { status: 409, title: 'The record of this run does not follow' },
  foreignFile: { status: 400, title: 'Not a household file' },
  newerFile: { status: 400, title: 'A newer file' },
  brokenFile: { status: 400, title: 'A broken file' },
  unreadable: { status: 400, title: 'That cannot be read' },
  hasHistory: { status: 409, title: 'Something was done on it' },
  samePiece: { status: 409, title: 'This is the same piece' },
  houseNotEmpty: { status: 409, title: 'Not an empty house' },
  houseNotMadeUp: { status: 409, title: 'Not a made-up house' },
  forecastBroken: { status: 400, title: 'The forecast could not be read' },
  dryBeforeHung: { status: 400, title: 'That is before it was hung up' },
  noLoad: { status: 409, title: 'This is no load' },
  shelfFull: { status: 409, title: 'The shelf is full' },
  foreignHost: { status: 403, title: 'Not a name of this server' },
  foreignPage: { status: 403, title: 'Cross-site request refused' },
  notLetIn: { status: 401, title: 'This device is not connected' },
  notAllowed: { status: 403, title: 'Not from this device' },
  badCode: { status: 404, title: 'No such code' },
  tooManyTries: { status: 429, title: 'Too many tries' },
  tooManyDevices: { status: 409, title: 'Too many devices' },
  notJson: { status: 415, title: 'Not JSON' },
  // Tried again, it goes well once there is room.
  diskFull: { status: 507, title: 'No room left' },
  // These end a start, before anybody can ask.
  badPort: { status: 500, title: 'No such port' },
  dataDirectoryInUse: { status: 500, title: 'The data is in use' },
  notADataDirectory: { status: 500, title: 'Not a data directory' },
  demoNotWhole: { status: 500, title: 'The demo is not whole' },
  notWritable: { status: 500, title: 'The data cannot be written' },
  databaseAway: { status: 500, title: 'The database does not answer' },
  databaseTooOld: { status: 500, title: 'The database is too old' },
  notEmbedded: { status: 500, title: 'Not with a database server' },
  dataDamaged: { status: 500, title: 'The data cannot be read' },
  badSealKey: { status: 500, title: 'The seal of this house cannot be used' },
};

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

/** RFC 9110 15.5.14. */
const TOO_LARGE = 413;

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
      return {
        type: 'urn:feverfew:invalidInput',
        title: 'Some facts need another look',
        status: 400,
        detail: error.message,
        errors: [...error.errors],
      };
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
      return {
        type: 'about:blank',
        title: 'The request could not be read',
        status,
        detail:
          status === TOO_LARGE
            ? 'That is too large: a household file may be 400 MB, all else 200 kB. Nothing was changed.'
            : 'It does not read as JSON: it may have been cut short on its way. Nothing was changed.',
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
