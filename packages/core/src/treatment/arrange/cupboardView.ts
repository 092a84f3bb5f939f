import type { EligibleMethod, MethodAssessment } from '../assess/assessMethod.js';
import type { CupboardView } from '../plan/plan.js';

/** Worth a trip to the shop: this much more taken out per round. */
const WORTH_BUYING = 0.05;

/** The strongest that can be done now against the strongest if what is missing were bought. */
export function cupboardView(weighed: readonly MethodAssessment[]): CupboardView {
  const now = best(weighed.flatMap((entry) => (entry.fit?.missingAgentIds.length === 0 ? entry.fit : [])));
  const bought = best(weighed.flatMap((entry) => entry.ifBought ?? []));
  const gains = bought && bought.effect.high > (now?.effect.high ?? 0) + WORTH_BUYING;
  return {
    now: now ? { methodId: now.method.id, effect: share(now) } : null,
    ifBought:
      bought && gains
        ? { methodId: bought.method.id, effect: share(bought), agentIds: bought.missingAgentIds }
        : null,
  };
}

const share = ({ effect: { low, high } }: EligibleMethod) => ({ low, high });

const best = (fits: readonly EligibleMethod[]): EligibleMethod | undefined =>
  fits.reduce<EligibleMethod | undefined>(
    (top, fit) =>
      !top ||
      fit.effect.high > top.effect.high ||
      (fit.effect.high === top.effect.high && fit.harshness < top.harshness)
        ? fit
        : top,
    undefined,
  );
