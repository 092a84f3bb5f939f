/** Words for the person, and the place in what was sent, where there is one. */
interface Told {
  readonly message: string;
  readonly path?: string;
}

/** What an error of the server tells, by its code. */
export interface ServerErrorDetails {
  readonly notFound: Told;
  readonly mixRefused: Told;
  readonly trialRefused: Told;
  readonly pictureRefused: Told;
  readonly runRefused: Told;
  readonly courseRefused: Told;
  readonly busy: Told;
  readonly overloaded: Told;
  readonly noLadder: Told;
  readonly planRefused: Told;
  /** The record of a run or of a trial. */
  readonly logBroken: { readonly runId?: string; readonly trialId?: string; readonly refusal: string };
  readonly foreignFile: Told;
  readonly newerFile: Told;
  readonly brokenFile: Told;
  readonly unreadable: Told;
  readonly hasHistory: Told;
  readonly samePiece: Told;
  readonly houseNotEmpty: Told;
  readonly houseNotMadeUp: Told;
  readonly forecastBroken: Told;
  readonly noLoad: Told;
  readonly shelfFull: Told;
  readonly foreignHost: Told;
  readonly foreignPage: Told;
  readonly notLetIn: Told;
  readonly notAllowed: Told;
  readonly badCode: Told;
  readonly tooManyTries: Told;
  readonly tooManyDevices: Told;
  readonly notJson: Told;
  readonly diskFull: Told;
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
