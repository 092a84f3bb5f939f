import { always } from './say.js';

/** Lines that stand with an action whatever the method; the words of a method are its own notes. */
export const STANDING_NOTES = {
  dryBetween: always('Let it dry before the next product.', { names: ['dryIn'] }),
  towelOnIt: always('Dry white towel on it, weighed down, until it takes no more; then let it air.'),
  washAlone: always('Wash it alone.'),
  noSpin: always('No spin and no wringing: hang it up dripping.', { bars: ['wring'] }),
  rinseOutProduct: always('What was put on it before: out with it first, in two cold waters.', {
    asks: ['water'],
  }),
  openWindows: always('Windows open, and away from it until the smell has gone.'),
  downDry: always('Low, with balls, two to four hours, shaken every half hour, until it is dry to the core.'),
  rinseClear: always('Until the water stays clear.'),
  liftFirst: always('Lift off what lies on top with a spoon, edge inwards.'),
  blotFirst: always('Blot with a white cloth, outside in; another face as soon as it takes colour.'),
  letItSet: always('Let it set hard first, an hour and more, and touch it with nothing meanwhile.'),
} as const;

/** Said in the log of a run whose hidden test spoke against a pass. */
export const HIDDEN_TEST_FAILED_NOTE = 'The hidden test spoke against it: left out.';

/** Said in a log where heat was allowed before a mark was gone. */
export const HEAT_ALLOWED_NOTE = 'Heat allowed before it was gone:';

/** Where what is old or cannot be replaced ends, whatever its course says. */
export const CONSERVATOR_END = 'What is left then is for a conservator: leave it, and ask.';
