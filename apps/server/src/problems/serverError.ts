/** Words for the person, and the place in what was sent, where there is one. */
interface Message {
  readonly message: string;
  readonly path?: string;
}

/** What an error of the server tells, by its code. */
export interface ServerErrorDetails {
  readonly notFound: Message;
  readonly mixRefused: Message;
  readonly trialRefused: Message;
  readonly pictureRefused: Message;
  readonly runRefused: Message;
  readonly courseRefused: Message;
  readonly busy: Message;
  readonly overloaded: Message;
  readonly noSuchStep: Message;
  readonly planRefused: Message;
  /** The record of a run or of a trial. */
  readonly logBroken: { readonly runId?: string; readonly trialId?: string; readonly refusal: string };
  readonly foreignFile: Message;
  readonly newerFile: Message;
  readonly brokenFile: Message;
  readonly unreadable: Message;
  readonly hasHistory: Message;
  readonly samePiece: Message;
  readonly houseNotEmpty: Message;
  readonly houseNotMadeUp: Message;
  readonly forecastBroken: Message;
  readonly dryBeforeHung: Message;
  readonly noLoad: Message;
  readonly shelfFull: Message;
  readonly foreignHost: Message;
  readonly foreignPage: Message;
  readonly notLetIn: Message;
  readonly notAllowed: Message;
  readonly badCode: Message;
  readonly tooManyTries: Message;
  readonly tooManyDevices: Message;
  readonly notJson: Message;
  readonly diskFull: Message;
  readonly badPort: { readonly option: string; readonly port: string };
  readonly dataDirectoryInUse: { readonly dataDir: string };
  readonly notADataDirectory: { readonly dataDir: string };
  /** What of the demo data names something that is not in it. */
  readonly demoNotWhole: Readonly<Record<string, string>>;
  readonly notWritable: { readonly dataDir: string };
  readonly dataDamaged: { readonly dataDir: string; readonly cause: string };
  readonly badSealKey: { readonly place: string };
  readonly databaseAway: { readonly why: string };
  readonly databaseTooOld: Readonly<Record<string, never>>;
  readonly notEmbedded: { readonly option: string };
}

export type ServerErrorCode = keyof ServerErrorDetails;

/** What the server refuses or cannot do. `code` is stable; the core has errors of its own (`DomainError`). */
export class ServerError<Code extends ServerErrorCode = ServerErrorCode> extends Error {
  constructor(
    readonly code: Code,
    readonly details: ServerErrorDetails[Code],
  ) {
    super(`${code}: ${JSON.stringify(details)}`);
    this.name = 'ServerError';
  }
}
