/** Every text a plan shows, with the figures that are counted over several of them. */
export interface ShownText {
  readonly lines: readonly { readonly where: string; readonly text: string }[];
  /** Words of the first acts and of round one. */
  readonly wordsOfRoundOne: number;
}
