/** What an error of the core tells, by its code. */
export interface DomainErrorDetails {
  /** A name this knowledge or this household does not have. `path` is its place in what was given. */
  readonly unknownReference: { readonly message: string; readonly path: string };
  /** A number outside its range. */
  readonly outOfRange: {
    readonly quantity: string;
    readonly value: string | number;
    readonly min: number;
    readonly max: number;
  };
  /** A dilution to more than there is, in percent. */
  readonly cannotStrengthen: { readonly fromPct: number; readonly toPct: number };
  readonly nothingToMix: Readonly<Record<string, never>>;
}

export type DomainErrorCode = keyof DomainErrorDetails;

/** A broken contract of the core: never an expected "no". `code` is stable. */
export class DomainError<Code extends DomainErrorCode = DomainErrorCode> extends Error {
  constructor(
    readonly code: Code,
    readonly details: DomainErrorDetails[Code],
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
