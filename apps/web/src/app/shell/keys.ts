/** A letter, what it opens, and where that is. */
export const KEYS = [
  ['n', 'New trouble', '/trouble'],
  ['t', 'Today', '/'],
  ['m', 'Mixing', '/mix'],
  ['l', 'Wash', '/wash'],
  ['b', 'Linen', '/pieces'],
  ['c', 'Cupboard', '/cupboard'],
  ['w', 'What works', '/what-works'],
  ['r', 'Look up', '/reference'],
  ['h', 'Your house', '/household'],
] as const;
