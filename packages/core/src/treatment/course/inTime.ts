import { DRYING_USUAL_MIN, QUICKEST_AIRING_MIN, QUICKEST_DRYING_MIN } from '@feverfew/knowledge';
import { finding } from '../../finding/finding.js';
import type { EligibleMethod } from '../assess/assessMethod.js';
import { fannedMin } from '../case/fannedDrying.js';
import type { PlanContext } from '../case/planContext.js';
import type { NotUsed } from '../plan/round.js';
import type { Placing } from './placement.js';

/** Where it must be ready: the longest work goes first, until the rest and an ordinary drying fit. */
export function inTime(
  list: Placing[],
  wash: EligibleMethod | undefined,
  context: PlanContext,
  notUsed: NotUsed[],
): Placing[] {
  const {
    choices: { readyInMin },
    item,
  } = context;
  if (readyInMin === null) return list;
  // Without a wash only the place is wet.
  const inPlace = item.surfaceOnly ? DRYING_USUAL_MIN.fanned : DRYING_USUAL_MIN.patch;
  const whole =
    wash &&
    Math.min(
      DRYING_USUAL_MIN.line.likely,
      fannedMin(wash.method.inMachine ? 'spun' : 'rolled', context).likely,
    );
  const drying = whole ?? inPlace.likely;
  const rest = (wash ? least(wash) : 0) + drying;
  const kept = [...list];
  while (kept.reduce((sum, { fitted }) => sum + least(fitted.eligible), rest) > readyInMin) {
    const longest = kept
      .filter(({ fitted }) => fitted.eligible.window.dwellMin.min >= SHORT_MIN)
      .sort((a, b) => least(b.fitted.eligible) - least(a.fitted.eligible))[0];
    if (!longest) break;
    kept.splice(kept.indexOf(longest), 1);
    notUsed.push(tooLong(longest.fitted.eligible, readyInMin));
  }
  return kept;
}

/** Ways that can be done in time, with what they wet through dry and what smells of spirits aired by then. */
export function mayBeInTime(
  ways: readonly EligibleMethod[],
  { choices: { readyInMin } }: PlanContext,
  notUsed: NotUsed[],
): EligibleMethod[] {
  if (readyInMin === null) return [...ways];
  const isLong = (way: EligibleMethod): boolean =>
    way.window.dwellMin.min >= SHORT_MIN && usual(way) > readyInMin;
  const isLate = (way: EligibleMethod): boolean =>
    (readyInMin <= HURRY_MIN && isLong(way)) || least(way) + afterwards(way) > readyInMin;
  notUsed.push(...ways.filter(isLate).map((way) => tooLong(way, readyInMin)));
  return ways.filter((way) => !isLate(way));
}

const tooLong = (way: EligibleMethod, readyInMin: number): NotUsed => ({
  methodId: way.method.id,
  findings: [finding('takesTooLong', { minutes: usual(way), readyInMin })],
});

/** What a way leaves to wait for at the quickest, min: cloth wet through, or the smell of spirits. */
const afterwards = ({ method, appliedAgents }: EligibleMethod): number =>
  Math.max(
    method.wetting === 'immersion' ? QUICKEST_DRYING_MIN : 0,
    appliedAgents.some(({ chemistries }) => chemistries.includes('hydrocarbon')) ? QUICKEST_AIRING_MIN : 0,
  );

/** What a way takes as a rule, until what it wetted is dry, min. */
function usual(way: EligibleMethod): number {
  const { min, max } = way.window.dwellMin;
  return way.method.wetting === 'dry'
    ? (min + max) / 2 + MIN_HANDS_MIN
    : least(way) + Math.max(DRYING_USUAL_MIN.patch.likely, afterwards(way));
}

const least = ({ window }: EligibleMethod): number => window.dwellMin.min + MIN_HANDS_MIN;

/** Hands at work on a pass at least, and what is so short that leaving it out saves nothing, min. Common practice, no source. */
const MIN_HANDS_MIN = 5;
const SHORT_MIN = 20;
/** With so little time left only short work is worth starting, min. Common practice, no source. */
export const HURRY_MIN = 90;
