import type { EligibleMethod, MethodAssessment } from '../assess/assessMethod.js';
import type { CupboardView } from '../plan/plan.js';

/** Worth a trip to the shop: this much more taken out per round. */
const WORTH_BUYING = 0.05;

/** The strongest that can be done now against the strongest if what is missing were bought. */
export function cupboardView(assessments: readonly MethodAssessment[]): CupboardView {
  const now = best(
    assessments.flatMap((entry) => (entry.eligible?.missingAgentIds.length === 0 ? entry.eligible : [])),
  );
  const bought = best(assessments.flatMap((entry) => entry.ifBought ?? []));
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

const best = (eligibles: readonly EligibleMethod[]): EligibleMethod | undefined =>
  eligibles.reduce<EligibleMethod | undefined>(
    (top, eligible) =>
      !top ||
      eligible.effect.high > top.effect.high ||
      (eligible.effect.high === top.effect.high && eligible.harshness < top.harshness)
        ? eligible
        : top,
    undefined,
  );
