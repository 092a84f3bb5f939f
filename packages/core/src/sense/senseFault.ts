/** Kinds of fault that make a safe plan senseless. */
export const SENSE_KINDS = [
  'decidedCondition',
  'againstOwnNever',
  'absentName',
  'missingPlace',
  'strongestLate',
  'weakerInstead',
  'idleStep',
  'repeatedStep',
  'emptyRound',
  'equalEnds',
  'amountOutside',
  'amountAgainstWords',
  'minutesOutside',
  'rinseMissing',
  'testMissing',
  'wrongOrder',
  'notAsHotAsTag',
  'readyTooLate',
  'bathForOne',
  'driedTooSoon',
  'pairTooClose',
  'triedInVain',
  'otherDeed',
  'longRound',
] as const;
export type SenseKind = (typeof SENSE_KINDS)[number];

/** One fault. `where` is the id of a pass or a round, or `plan`; `text` is the evidence. */
export interface SenseFault {
  readonly kind: SenseKind;
  readonly where: string;
  readonly text: string;
}
