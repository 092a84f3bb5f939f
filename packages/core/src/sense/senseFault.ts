/** Kinds of fault that make a safe plan senseless. */
export const SENSE_KINDS = [
  'idleStep',
  'emptyRound',
  'equalEnds',
  'missingPlace',
  'longRound',
  'triedInVain',
  'notAsHotAsTag',
] as const;
export type SenseKind = (typeof SENSE_KINDS)[number];

/** One fault. `where` is the id of a pass or a round, or `plan`; `text` is the evidence. */
export interface SenseFault {
  readonly kind: SenseKind;
  readonly where: string;
  readonly text: string;
}
