import type { DomainErrorCode } from '@feverfew/core';
import type { ServerErrorCode } from './serverError.js';

interface Answer {
  readonly status: number;
  readonly title: string;
}

type Answers<Code extends string> = Readonly<Record<Code, Answer>>;

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
  noSuchStep: { status: 409, title: 'Nothing to carry out' },
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

/** Requests that could not be taken as they are. */
export const REQUEST_PROBLEMS = {
  invalidInput: { status: 400, title: 'Some facts need another look' },
  unreadableJson: { status: 400, title: 'The request could not be read' },
  /** RFC 9110 15.5.14. */
  tooLarge: { status: 413, title: 'The request could not be read' },
} as const satisfies Answers<string>;

export type ProblemCode = DomainErrorCode | ServerErrorCode | keyof typeof REQUEST_PROBLEMS;

const PROBLEMS: Answers<ProblemCode> = { ...CORE_PROBLEMS, ...SERVER_PROBLEMS, ...REQUEST_PROBLEMS };

/** Type, title and status of a problem (RFC 9457). */
export const answerOf = (code: ProblemCode): Answer & { readonly type: string } => ({
  type: `urn:feverfew:${code}`,
  ...PROBLEMS[code],
});
