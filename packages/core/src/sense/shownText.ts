/** The part of the page a text belongs to. */
export type TextPart =
  | 'verdict'
  | 'atOnce'
  | 'leaveAlone'
  | 'title'
  | 'recipe'
  | 'step'
  | 'round'
  | 'share'
  | 'end'
  | 'know'
  | 'never'
  | 'prevent'
  | 'notUsed'
  | 'finding';

export interface ShownLine {
  /** Id of a pass or a round, or `plan`. */
  readonly where: string;
  readonly part: TextPart;
  readonly text: string;
}

/** Every text a plan shows, with the figures that are counted over several of them. */
export interface ShownText {
  readonly lines: readonly ShownLine[];
  /** Words of the first acts and of round one. */
  readonly wordsOfRoundOne: number;
}
