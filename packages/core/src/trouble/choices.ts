/**
 * A person's choices for this plan, besides the facts: saved with the trouble's facts, so that a copied address,
 * a reload and the household file bring it back.
 */
export interface Choices {
  /** Another way in place of the plan's, by method. */
  readonly instead: Readonly<Record<string, string>>;
  /** Ways left out, by method. */
  readonly leftOut: readonly string[];
  /** The vessel a bath is made in, by method. */
  readonly vessels: Readonly<Record<string, string>>;
  /** Minutes until it must be ready, drying counted; null = whenever it is. */
  readonly readyInMin: number | null;
}

export const NO_CHOICES: Choices = { instead: {}, leftOut: [], vessels: {}, readyInMin: null };
