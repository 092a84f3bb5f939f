import type { TroubleFacts } from '@feverfew/core';
import type { DemoPieceKey } from './demoPieces.js';

type Told = Pick<TroubleFacts, 'markIds' | 'age' | 'wetness' | 'heat' | 'size' | 'partIndex' | 'reach'>;
export interface DemoTrouble extends Told {
  readonly on: DemoPieceKey;
  readonly hoursAgo: number;
}

const given = { wetness: 'dry', heat: 'none', partIndex: 0, reach: 'house' } as const;
const cm = (length: number, width: number) => ({ length, width });

/** Open troubles of the cottage. */
export const openTroubles: readonly DemoTrouble[] = [
  { ...given, on: 'damaskCloth', markIds: ['beetroot'], age: 'hours', size: cm(6, 4), hoursAgo: 2 },
  { ...given, on: 'beeSmock', markIds: ['propolis'], age: 'weeks', size: cm(3, 3), hoursAgo: 26 },
  {
    ...given,
    on: 'parlourCurtains',
    markIds: ['dyeRun'],
    age: 'hours',
    wetness: 'wet',
    reach: 'shop',
    size: 'allOver',
    hoursAgo: 3,
  },
  { ...given, on: 'waistcoat', markIds: ['ale'], age: 'days', size: cm(5, 5), hoursAgo: 50 },
  { ...given, on: 'silkScarf', markIds: ['saladOil'], age: 'hours', size: cm(2, 2), hoursAgo: 5 },
  { ...given, on: 'schoolPolo', markIds: ['ballpoint'], age: 'days', size: cm(4, 1), hoursAgo: 30 },
  {
    ...given,
    on: 'goodCoat',
    markIds: ['nailVarnish'],
    age: 'days',
    size: cm(2, 1),
    partIndex: 1,
    hoursAgo: 71,
  },
  { ...given, on: 'windowSeat', markIds: ['walnut'], age: 'weeks', size: cm(12, 8), hoursAgo: 100 },
  { ...given, on: 'awning', markIds: ['mildew'], age: 'months', size: cm(60, 40), hoursAgo: 170 },
  { ...given, on: 'blouse', markIds: ['egg'], age: 'hours', size: cm(3, 2), hoursAgo: 4 },
];

export interface DemoRun extends DemoTrouble {
  /** Answers at each dry look, in order; the last one ends the run, the others lead to the same again, or to the next round. */
  readonly looks: readonly { readonly answer: 'gone' | 'moving' | 'stalled'; readonly leftPct: number }[];
  readonly outcome: 'gone' | 'better' | 'unchanged';
  readonly note: string;
}

/** Finished runs that give the linen book its history. */
export const finishedRuns: readonly DemoRun[] = [
  {
    ...given,
    on: 'percaleCase',
    markIds: ['rust'],
    age: 'weeks',
    size: cm(2, 2),
    hoursAgo: 24 * 9,
    looks: [
      { answer: 'moving', leftPct: 40 },
      { answer: 'gone', leftPct: 0 },
    ],
    outcome: 'gone',
    note: 'Second round took the rest. Radiator valve wrapped now.',
  },
  {
    ...given,
    on: 'merinoLayer',
    markIds: ['smoke'],
    age: 'days',
    size: 'allOver',
    hoursAgo: 24 * 20,
    looks: [{ answer: 'gone', leftPct: 5 }],
    outcome: 'gone',
    note: 'One night under the porch roof was enough.',
  },
  {
    ...given,
    on: 'hallRug',
    markIds: ['petUrine'],
    age: 'hours',
    wetness: 'wet',
    size: cm(20, 15),
    hoursAgo: 24 * 33,
    looks: [
      { answer: 'moving', leftPct: 50 },
      { answer: 'stalled', leftPct: 45 },
    ],
    outcome: 'better',
    note: 'Smell only when the stove is on.',
  },
  {
    ...given,
    on: 'honeyMuslins',
    markIds: ['greyed'],
    age: 'months',
    size: 'allOver',
    hoursAgo: 24 * 45,
    looks: [{ answer: 'gone', leftPct: 10 }],
    outcome: 'gone',
    note: 'White enough for the press.',
  },
  {
    ...given,
    on: 'damaskCloth',
    markIds: ['redWine'],
    age: 'hours',
    wetness: 'wet',
    size: cm(8, 8),
    hoursAgo: 24 * 60,
    looks: [{ answer: 'gone', leftPct: 0 }],
    outcome: 'gone',
    note: 'Caught it at the table.',
  },
  {
    ...given,
    on: 'bathTowels',
    markIds: ['stiffTowels'],
    age: 'months',
    size: 'allOver',
    hoursAgo: 24 * 230,
    looks: [{ answer: 'stalled', leftPct: 95 }],
    outcome: 'unchanged',
    note: 'Still stiff after the soda.',
  },
];

/** Shorter ones: what else the cottage has tried, and what came of it. */
type Tried = readonly [
  on: DemoPieceKey,
  markId: string,
  age: DemoTrouble['age'],
  daysAgo: number,
  leftPct: readonly number[],
  note: string,
];
const TRIED: readonly Tried[] = [
  ['bathTowels', 'stiffTowels', 'months', 210, [100], 'Nothing.'],
  ['kitchenTowels', 'stiffTowels', 'months', 190, [100], 'Soft while wet, stiff again dry.'],
  ['kitchenTowels', 'stiffTowels', 'months', 60, [100, 25], 'Soft after the citric acid. It was the lime.'],
  ['bathTowels', 'stiffTowels', 'months', 38, [100, 10], 'Soda nothing, citric much better.'],
  ['lockShirts', 'grass', 'days', 120, [25, 5], ''],
  ['lockShirts', 'grass', 'days', 96, [5], 'Overnight cover did it.'],
  ['lockShirts', 'grass', 'days', 70, [0], ''],
  ['lockShirts', 'sweatYellow', 'months', 85, [75], 'Hardly.'],
  ['lockShirts', 'sweatYellow', 'months', 58, [75], ''],
  ['kitchenTowels', 'coffee', 'hours', 88, [5], 'Straight under the pump.'],
  ['kitchenTowels', 'coffee', 'hours', 61, [0], ''],
  ['kitchenTowels', 'coffee', 'hours', 40, [25], ''],
  ['kitchenTowels', 'coffee', 'hours', 17, [0], ''],
];

const answerTo = (leftPct: number, before: number): DemoRun['looks'][number]['answer'] =>
  leftPct === 0 ? 'gone' : leftPct < before * 0.9 ? 'moving' : 'stalled';

export const triedRuns: readonly DemoRun[] = TRIED.map(
  ([on, markId, age, daysAgo, leftPct, note]): DemoRun => ({
    ...given,
    on,
    markIds: [markId],
    age,
    size: 'palm',
    hoursAgo: 24 * daysAgo,
    looks: leftPct.map((left, round) => ({
      answer: answerTo(left, leftPct[round - 1] ?? 100),
      leftPct: left,
    })),
    outcome: leftPct.at(-1) === 0 ? 'gone' : (leftPct.at(-1) ?? 100) <= 25 ? 'better' : 'unchanged',
    note,
  }),
);

export interface DemoSoak extends DemoTrouble {
  readonly methodId: string;
  readonly minutesIn: number;
}

/** In progress when the demo starts: one in the basin, one in the bath, one forgotten. */
export const runningTroubles: readonly DemoSoak[] = [
  {
    ...given,
    on: 'lawnPetticoat',
    markIds: ['storageYellow'],
    age: 'months',
    size: 'allOver',
    hoursAgo: 3,
    methodId: 'longOxygenSoak',
    minutesIn: 115,
  },
  {
    ...given,
    on: 'sofaCovers',
    markIds: ['coffee'],
    age: 'days',
    size: 'hand',
    hoursAgo: 28,
    methodId: 'colourOxygenSoak',
    minutesIn: 40,
  },
];
