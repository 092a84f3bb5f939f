import { lowerFirst } from '../letterCase.js';
import type { CourseEnd } from '../vocabulary.js';
import { always } from './say.js';

/** What sets a mark waits until the mark is seen gone. */
export const NO_HEAT_YET = 'No dryer, no iron yet.';

/** Warnings of several troubles that others say as well: said all the same where not all of the others are there. */
export const COVERED_DONTS: readonly { readonly line: string; readonly by: readonly string[] }[] = [
  { line: 'No hot water.', by: ['No water above forty degrees.'] },
  { line: 'No wiping.', by: ['No rubbing.'] },
  { line: 'No heat.', by: [NO_HEAT_YET, 'No water above forty degrees.'] },
];

/** A first act that is only for what is fresh, said where it is not known whether it is. */
export const ifStillWet = (text: string): string => `${IF_STILL_WET}${lowerFirst(text)}`;
export const IF_STILL_WET = 'If it is still wet: ';

/** Lines that stand with an action whatever the method; the words of a method are its own notes. */
export const STANDING_NOTES = {
  dryBetween: always('Let it dry before the next product.', { names: ['dryIn'] }),
  towelOnIt: always('Dry white towel on it, weighed down, until it takes no more; then let it air.'),
  fanOnIt: always('A cool fan on it until dry.', { asks: ['motor'] }),
  pressedAndBlown: always(
    'Press the place in a dry towel; then cool air: a hair dryer 20 cm off, or a fan.',
    {
      asks: ['motor'],
      names: ['tumble'],
    },
  ),
  rolledFirst: always('Roll it in a towel first.'),
  fanned: always('Then a cool fan.', { asks: ['motor'] }),
  washAlone: always('Wash it alone.'),
  allTogether: always('All pieces together.'),
  noSpin: always('No spin and no wringing: hang it up dripping.', { bars: ['wring'] }),
  rinseOutProduct: always('First rinse out what was put on it, in two cold waters.', {
    asks: ['water'],
  }),
  dabOutProduct: always('First dab out what was put on it, many times, with damp white cloths.', {
    asks: ['water'],
  }),
  leaveFumes: always(
    'Open the windows, everybody out, door shut: half an hour or more, until nothing smells or stings. Add nothing to ' +
      'it. Coughing or burning eyes: the emergency number.',
    { asks: ['leaveRoom'] },
  ),
  floodFumes: always(
    'Then gloves on, window open, and plenty of cold water through it, several times, before anything else.',
    { asks: ['water', 'flood'] },
  ),
  blotFumes: always(
    'Then gloves on, window open, and damp white cloths on it, many times, before anything else.',
    { asks: ['water'] },
  ),
  airOutdoors: always(
    'Outdoors now, far from any flame, spark or switch, until no smell is left. No water, machine or heat before that; ' +
      'never down a drain.',
    { asks: ['airOutdoors'], names: ['water', 'heat'] },
  ),
  fuelOffBody: always(
    'Off the body, wash the skin; then outdoors, far from any flame, spark or switch, until no smell is left. No water or ' +
      'heat on it before that; never down a drain.',
    { asks: ['airOutdoors'], names: ['water', 'heat'] },
  ),
  airRoom: always(
    'Flames out, touch no switch, windows and doors open, people and animals out until no smell is left. No water, ' +
      'heat or vacuum cleaner before that.',
    { asks: ['airOutdoors'], names: ['water', 'heat', 'motor'] },
  ),
  floodNow: always(
    'Hold it under running cold water now, gloves on, and keep it wet for many minutes. Never scrape it, never let it dry.',
    { asks: ['water', 'flood'], names: ['dryIn'] },
  ),
  handsOff: always(
    'Hands off: do not touch, move, wet or heat it. Everybody out, door shut, and call the fire service.',
    { asks: ['handsOff'], names: ['heat'] },
  ),
  wetOrDry: always(
    'Dry, or not sure: hands off, everybody out, door shut, fire service. Still wet: running cold water now, gloves on, and ' +
      'keep it wet.',
    { asks: ['handsOff', 'flood'] },
  ),
  fluorideOff: always(
    'Thick gloves and goggles on, off the body. On skin: rinse under running water, emergency number and hospital at ' +
      'once, even without pain, the bottle along. The piece: double bag, out of use, hazardous-waste point.',
    { asks: ['handsOff'] },
  ),
  bagAway: always(
    'Mask and gloves on; people with asthma and children out of the room. Bag it where it lies, or wrap it, and take it out of the house: not shaken, not brushed.',
    { bars: ['brush'] },
  ),
  fuelOutside: always(
    'Outdoors if it can be carried, far from any flame, spark or switch, and out of use. If not: flames out, touch no ' +
      'switch, windows open, people out, and ask the fire service.',
    { asks: ['airOutdoors'] },
  ),
  oilOutside: always(
    'Outdoors now, flat in a single layer, or into water in a metal can with a lid. Never folded, in a heap or in a bin. ' +
      'Too large to carry: windows open, nothing on top of it. If it is warm or smokes: out, and the fire service.',
    { asks: ['airOutdoors'], names: ['heat', 'water'] },
  ),
  downDry: always('Low, with balls, two to four hours, shaken every half hour, until it is dry to the core.'),
  rinseClear: always('Until the water stays clear.'),
  liftFirst: always('Lift it off with a spoon, edge inwards.'),
  blotFirst: always('Blot with a white cloth; turn to a clean side.'),
  letItSet: always('Let it set hard first, an hour and more, and touch it with nothing meanwhile.'),
} as const;

/** Said in the log of a run whose hidden test spoke against a pass. */
export const HIDDEN_TEST_FAILED_NOTE = 'The hidden test spoke against it: left out.';

/** Said in a log where heat was allowed before a mark was gone. */
export const HEAT_ALLOWED_NOTE = 'Heat allowed before it was gone:';

/** How a trouble ends where a course has nothing more to say on this piece. */
export const END_TEXTS: Readonly<Record<CourseEnd, string>> = {
  accept: 'What is left then stays.',
  professional: 'Then a cleaner: say what was used.',
  dyePatch: 'Then dye it over, or patch it.',
  discard: 'Then let it go.',
  mend: 'Then mend it.',
  noHomeMethod: 'Nothing at home helps here.',
};

/** An end that says whose work it is. */
export const NAMES_A_TRADE =
  /cleaner|professional|conservator|extraction|dyer|dyeing|\bfirm\b|hatter|maker|valeter|controller|wash-house|reweav|refinish|recolour|restor/i;
/** Before an end that gives the reason alone. */
export const FOR_A_CLEANER = 'For a cleaner: ';

/** Pieces that are not taken to a cleaner: what stays in them is accepted. Common practice, no source. */
export const NOT_FOR_A_CLEANER: readonly string[] = [
  'softToy',
  'petBed',
  'clothNappy',
  'clothPads',
  'periodPants',
  'underwear',
  'socks',
  'strainingCloth',
  'ovenGlove',
  'handkerchief',
  'faceCovering',
  'mattressProtector',
];

/** Where what is old or cannot be replaced ends, whatever its course says. */
export const CONSERVATOR_END = 'What is left then is for a conservator: leave it, and ask.';
