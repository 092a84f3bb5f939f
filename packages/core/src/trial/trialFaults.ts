import type { Knowledge } from '@feverfew/knowledge';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import type { Pass } from '../treatment/plan/pass.js';
import type { Plan } from '../treatment/plan/plan.js';
import type { TrialArm, TrialPlace } from './trial.js';

/** Why two methods cannot be tried fairly side by side. */
export type TrialFault =
  | {
      readonly code:
        | 'tooFew'
        | 'tooMany'
        | 'sameTwice'
        | 'notInPlan'
        | 'prepares'
        | 'noCommonTime'
        | 'notOnZones';
    }
  | { readonly code: 'mustNotMeet'; readonly pairId: string };

export const MAX_ARMS = 3;

/**
 * Passes of a plan that can be tried against each other: those that take something out by themselves, each way once. What
 * only prepares, and the wash that ends a round, are for all arms alike. Plans from before there were rounds: every
 * pass.
 */
export function trialPasses({ passes, rounds }: Pick<Plan, 'passes' | 'rounds'>): Pass[] {
  const inRounds = rounds.flatMap((round) => round.passes);
  const seen = new Set<string>();
  return passes.filter(({ methodId, passId }) => {
    const pass = inRounds.find(({ id }) => id === passId);
    const works = inRounds.length === 0 || (pass && !pass.prepares && pass.phase !== 'wash');
    return works && !seen.has(methodId) && seen.add(methodId);
  });
}

/** The pass an arm of a trial is. */
export const armPass = <P extends Pick<Pass, 'methodId' | 'passId'>>(
  passes: readonly P[],
  { methodId, passId }: TrialArm,
): P | undefined => passes.find((pass) => (passId ? pass.passId === passId : pass.methodId === methodId));

/**
 * The wait all of them share: the longest of the shortest, within the shortest of the longest; null when there is
 * none.
 */
export function commonDwellMin(passes: readonly Pass[]): number | null {
  const dwells = passes.map((pass) => pass.actions.find((action) => action.dwell)?.dwell ?? null);
  if (dwells.some((dwell) => dwell === null)) return null;
  const least = Math.max(...dwells.map((dwell) => dwell?.minMin ?? 0));
  const most = Math.min(...dwells.map((dwell) => dwell?.maxMin ?? 0));
  return least <= most && most > 0 ? Math.max(1, Math.round(least)) : null;
}

/** Every finding against trying these methods of a plan side by side; empty if it is fair and safe. */
export function trialFaults(
  plan: Plan,
  methodIds: readonly string[],
  place: TrialPlace,
  knowledge: Knowledge,
): TrialFault[] {
  if (methodIds.length < 2) return [{ code: 'tooFew' }];
  if (methodIds.length > MAX_ARMS) return [{ code: 'tooMany' }];
  if (new Set(methodIds).size < methodIds.length) return [{ code: 'sameTwice' }];
  if (methodIds.some((id) => plan.passes.every((pass) => pass.methodId !== id)))
    return [{ code: 'notInPlan' }];
  const passes = trialPasses(plan).filter(({ methodId }) => methodIds.includes(methodId));
  if (passes.length < methodIds.length) return [{ code: 'prepares' }];
  const index = indexKnowledge(knowledge);
  const methods = methodIds.flatMap((id) => index.methods.get(id) ?? []);
  const faults: TrialFault[] = [];
  if (commonDwellMin(passes) === null) faults.push({ code: 'noCommonTime' });
  if (
    place === 'zones' &&
    methods.some((method) => method.wetting === 'immersion' || method.inMachine || method.throughRinse)
  )
    faults.push({ code: 'notOnZones' });
  if (place === 'zones') {
    // Side by side on one cloth they may run together, whatever lies between.
    const meets = methods.flatMap((one, place) =>
      methods
        .slice(place + 1)
        .flatMap((other) =>
          index
            .factsOf(one)
            .agents.flatMap((a) => index.factsOf(other).agents.flatMap((b) => index.pairsBetween(a, b))),
        ),
    );
    for (const pairId of new Set(meets.map((pair) => pair.id))) faults.push({ code: 'mustNotMeet', pairId });
  }
  return faults;
}
