import { DRYING_USUAL_MIN } from '@feverfew/knowledge';
import { finding } from '../../finding/finding.js';
import type { EligibleMethod } from '../assess/assessMethod.js';
import type { PlanContext } from '../case/planContext.js';
import type { NotUsed } from '../plan/round.js';
import type { Placing } from './placing.js';

/** Where it must be ready: the longest work goes first, until the rest and an ordinary drying fit. */
export function inTime(
  list: Placing[],
  wash: EligibleMethod | undefined,
  { choices }: PlanContext,
  notUsed: NotUsed[],
): Placing[] {
  const { readyInMin } = choices;
  if (readyInMin === null) return list;
  const least = ({ window }: EligibleMethod): number => window.dwellMin.min + LEAST_HANDS_MIN;
  const rest = (wash ? least(wash) : 0) + DRYING_USUAL_MIN.line.low;
  const kept = [...list];
  while (kept.reduce((sum, { fitted }) => sum + least(fitted.eligible), rest) > readyInMin) {
    const longest = kept
      .filter(({ fitted }) => fitted.eligible.window.dwellMin.min >= SHORT_MIN)
      .sort((a, b) => least(b.fitted.eligible) - least(a.fitted.eligible))[0];
    if (!longest) break;
    kept.splice(kept.indexOf(longest), 1);
    const { method } = longest.fitted.eligible;
    const minutes = least(longest.fitted.eligible);
    notUsed.push({ methodId: method.id, findings: [finding('takesTooLong', { minutes, readyInMin })] });
  }
  return kept;
}

/** Hands at work on a pass at least, and what is so short that leaving it out saves nothing, min. Common practice, no source. */
const LEAST_HANDS_MIN = 5;
const SHORT_MIN = 20;
