/** Lines that stand with an action whatever the method; the words of a method are its own notes. */
export const STANDING_NOTES = {
  dryBetween: 'Let it dry before the next product.',
  towelOnIt: 'Dry white towel on it, weighed down, until it takes no more; then let it air.',
  washAlone: 'Wash it alone.',
  heatAllowed: 'Heat allowed before it was gone:',
} as const;
