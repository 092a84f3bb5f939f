import { WETTINGS } from '@feverfew/knowledge';
import { clashWith } from '../arrange/clashWith.js';
import type { EligibleMethod } from '../assess/assessMethod.js';
import { eligibleHere } from '../assess/assessRelevant.js';
import { isTooEarly } from '../assess/isTooEarly.js';
import type { PlanContext } from '../case/planContext.js';
import { triedInVain } from '../case/triedInVain.js';
import { added, gainOf, goneAfter, middle, untouched, type Worked, workOf } from './goneAfter.js';
import { mayBeInTime } from './inTime.js';
import { rankOf } from './phaseOf.js';
import { MIN_GAIN, WORTH_A_STEP } from './placement.js';

/** Most passes of a round that no course lays out. */
const MOST = 3;

/**
 * Where no course is left: what moves the soil and may be done here, gentlest first as long as each adds something,
 * arranged by kind of work. What is in the house goes before what must be bought. Not common practice, and said so.
 * @param dryOnly nothing that wets the piece
 */
export function workedOut(context: PlanContext, dryOnly: boolean): EligibleMethod[] {
  const ways = mayBeInTime(eligibleHere(context), context, []).filter(
    ({ method }) => !dryOnly || method.wetting === 'dry',
  );
  // What did nothing before is only done again where nothing else is left.
  const untried = ways.filter(({ appliedAgents }) => !triedInVain(appliedAgents, context));
  const eligibles = (untried.length > 0 ? untried : ways).sort(
    (a, b) =>
      a.missingAgentIds.length - b.missingAgentIds.length ||
      a.harshness - b.harshness ||
      WETTINGS.indexOf(a.method.wetting) - WETTINGS.indexOf(b.method.wetting) ||
      b.book.high - a.book.high ||
      (a.method.id < b.method.id ? -1 : 1),
  );
  const goneBy = (list: readonly EligibleMethod[]) =>
    goneAfter(
      list.reduce<Worked>((worked, one) => added(worked, workOf(one, context)), untouched(context)),
      context,
    );
  const chosen: EligibleMethod[] = [];
  for (const one of eligibles)
    if (
      !isSecond(one, chosen) &&
      !clashWith(chosen, one, context) &&
      !isTooEarly(one, chosen, context) &&
      middle(goneBy([one]).all) >= WORTH_A_STEP &&
      gainOf(goneBy(chosen), goneBy([...chosen, one])) >= MIN_GAIN
    )
      chosen.push(one);
  while (chosen.length > MOST) {
    const all = goneBy(chosen);
    const loss = (one: EligibleMethod) => gainOf(goneBy(chosen.filter((other) => other !== one)), all);
    const [least] = [...chosen].sort((a, b) => loss(a) - loss(b));
    chosen.splice(least ? chosen.indexOf(least) : 0, 1);
  }
  return chosen
    .filter((one) => !isTooEarly(one, chosen, context))
    .sort((a, b) => rankOf(a, 'own', context) - rankOf(b, 'own', context) || a.harshness - b.harshness);
}

/** One drum and one bath a round. */
const isSecond = ({ method }: EligibleMethod, chosen: readonly EligibleMethod[]): boolean =>
  (method.inMachine || method.liquorRatioLPerKg !== null) &&
  chosen.some(
    (one) =>
      one.method.inMachine === method.inMachine &&
      (one.method.liquorRatioLPerKg !== null) === (method.liquorRatioLPerKg !== null),
  );
