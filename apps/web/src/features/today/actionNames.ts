/** A step in a word, for lists. */
export const ACTION_NAMES: Readonly<Record<string, string>> = {
  rinseBefore: 'Rinse',
  lift: 'Lift',
  firstAid: 'At once',
  hiddenTest: 'Hidden test',
  mix: 'Mix or pour',
  apply: 'Apply',
  dwell: 'Start the clock',
  look: 'Check',
  rinse: 'Rinse',
  airOut: 'Air',
  wash: 'Wash',
  dry: 'Dry',
  finalLook: 'Check, dry',
};
