/** A broken contract: never an expected "no". `code` is stable; `details` name the quantity and its range. */
export class DomainError extends Error {
  constructor(
    readonly code: string,
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
