import { AT_ONCE_WORK, type AtOnceVerb } from '@feverfew/knowledge';
import { workedShares } from '../../effect/workedShares.js';
import { historyOf } from '../assess/effect/expectedEffect.js';
import type { PlanContext } from '../case/planContext.js';
import type { Gone } from '../plan/round.js';
import { goneAfter } from './goneAfter.js';

/**
 * How much the first seconds take by themselves, from the start. The rounds count from the same start, as if nothing had
 * been done at once: it is unknown whether it was.
 * @returns null where nothing of it moves the soil
 */
export function goneAtOnce(verbs: readonly AtOnceVerb[], context: PlanContext): Gone | null {
  const { household, rinsable, knowledge } = context;
  const ways = [...new Set(verbs)].flatMap((verb) => AT_ONCE_WORK[verb] ?? []);
  const workFor = (minutes: number) => ({
    minutes,
    tempAt: () => household.taps.coldC,
    oxygenGPerL: 0,
    peroxidePct: 0,
  });
  const worked = context.marks.map((mark) =>
    mark.components.map(({ component }) =>
      ways.flatMap(({ mechanism, minutes }) =>
        workedShares(
          component,
          new Set([mechanism]),
          {
            wetting: rinsable ? 'spot' : 'surface',
            work: { least: workFor(minutes.low), most: workFor(minutes.high) },
            ...historyOf(mark, context),
          },
          knowledge.rates,
          1,
        ),
      ),
    ),
  );
  const gone = goneAfter(worked, context);
  return gone.all.high > 0 ? gone : null;
}
