/** Every way in which a contract can be broken; the server has an HTTP answer for each. */
export const DOMAIN_ERROR_CODES = [
  'notFound',
  'unknownReference',
  'outOfRange',
  'cannotStrengthen',
  'nothingToMix',
  'noLoad',
  'forecastBroken',
  'mixRefused',
  'trialRefused',
  'pictureRefused',
  'runRefused',
  'courseRefused',
  'busy',
  'overloaded',
  'noLadder',
  'planRefused',
  'logBroken',
  'foreignFile',
  'newerFile',
  'brokenFile',
  'unreadable',
  'hasHistory',
  'samePiece',
  'houseNotEmpty',
  'houseNotMadeUp',
  'shelfFull',
  'foreignHost',
  'foreignPage',
  'notLetIn',
  'notAllowed',
  'badCode',
  'tooManyTries',
  'tooManyDevices',
  'notJson',
  'badPort',
  'dataDirectoryInUse',
  'notADataDirectory',
  'demoNotWhole',
  'diskFull',
  'notWritable',
  'dataDamaged',
  'badSealKey',
  'databaseAway',
  'databaseTooOld',
  'notEmbedded',
] as const;
export type DomainErrorCode = (typeof DOMAIN_ERROR_CODES)[number];

/** A broken contract: never an expected "no". `code` is stable; `details` name the quantity and its range. */
export class DomainError extends Error {
  constructor(
    readonly code: DomainErrorCode,
    readonly details: Readonly<Record<string, string | number>>,
  ) {
    super(`${code}: ${JSON.stringify(details)}`);
    this.name = 'DomainError';
  }
}

/**
 * Refuses a number outside its range; NaN fails too.
 * @throws DomainError `outOfRange`
 */
export function requireWithin(quantity: string, value: number, min: number, max: number): number {
  if (!(value >= min && value <= max))
    throw new DomainError('outOfRange', { quantity, value: String(value), min, max });
  return value;
}
