import type { Purpose } from '@feverfew/knowledge';
import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';
import type { Placed } from './arrangement.js';
import type { FittedPass } from './fitPass.js';
import type { Worked } from './goneAfter.js';
import type { Turn } from './phaseOf.js';

/** A pass that fits, with the trouble whose course asks for it. */
export interface PassCandidate {
  readonly fitted: FittedPass;
  readonly markId: string;
  readonly opensAfterTest: boolean;
  /** Whether it keeps a place in the round that its kind of work does not have. */
  readonly turn: Turn;
}

/** The same on its way into a round, with every trouble it helps. */
export interface Placing extends PassCandidate {
  readonly helps: string[];
}

/** What was done in the rounds before. */
export interface RoundStart {
  readonly worked: Worked;
  readonly passes: readonly Placed[];
}

/** Each pass adds at least so much to some trouble, or prepares: three points in a hundred, our own choice. */
export const MIN_GAIN = 0.03;

/** A step that takes less than this by itself is not worth the hand, 0–1: common practice, no source. */
export const WORTH_A_STEP = 0.05;

/** Ages at which water still runs something out. */
export const FRESH = ['minutes', 'hours', 'unknown'];
/** What prepares only while it is fresh. */
export const WHILE_FRESH: readonly Purpose[] = ['loose', 'liquid'];
export const PREPARING: readonly Purpose[] = [
  'bulk',
  'liquid',
  'loose',
  'dust',
  'residue',
  'damp',
  'shape',
  'larvae',
];

/** What does most by its course, done as its course has it: a low estimate does not strike it. */
export const isMain = ({ asked, insteadOf }: FittedPass): boolean =>
  asked?.main === true && insteadOf === null;

/** A way that no course asks for here, done for every trouble. */
export function ofNoCourse(
  eligible: EligibleMethod,
  { marks }: PlanContext,
  opensAfterTest: boolean,
): Placing {
  const ids = marks.map(({ mark }) => mark.id);
  const fitted = { asked: null, eligible, insteadOf: null, words: null };
  return { fitted, markId: ids[0] ?? '', helps: ids, opensAfterTest, turn: 'own' };
}

/** The pass of a round as it would come into another. */
export function placingOf({ asked, eligible, insteadOf, words, helps, opensAfterTest }: Placed): Placing {
  const fitted = { asked, eligible, insteadOf, words };
  return { fitted, markId: helps[0] ?? '', helps: [...helps], opensAfterTest, turn: 'own' };
}
