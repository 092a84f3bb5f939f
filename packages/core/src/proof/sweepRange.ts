import type { Knowledge } from '@feverfew/knowledge';
import { checkPlan } from '../safety/checkPlan.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { countSense, type SenseCounts } from './senseCounts.js';
import type { Sweep } from './sweepCase.js';

export interface SweepResult {
  readonly plans: number;
  readonly passes: number;
  /** Plans without a pass that say so and name a professional, or say that no cleaning helps. */
  readonly honestNone: number;
  /** What the checker found, by code; "emptyScreen" where a plan offers nothing and says nothing. */
  readonly violations: Readonly<Record<string, number>>;
  /** Numbers of the first cases with a violation, to look at. */
  readonly examples: readonly number[];
  /** What the reader of sense found. */
  readonly sense: SenseCounts;
}

const MAX_EXAMPLES = 20;

/** Plans the cases from number `from` up to but not including `to`, checks each for danger and reads it for sense. */
export function sweepRange(sweep: Sweep, from: number, to: number, knowledge: Knowledge): SweepResult {
  let passes = 0;
  let honestNone = 0;
  const violations: Record<string, number> = {};
  const examples: number[] = [];
  const sense = countSense(knowledge);
  for (let number = from; number < to; number += 1) {
    const { facts, household } = sweep.caseAt(number);
    const plan = planTreatment(facts, household, knowledge);
    sense.add(number, plan, household);
    passes += plan.passes.length;
    const codes = checkPlan(plan, household, knowledge).map((violation): string => violation.code);
    if (plan.passes.length === 0) {
      const says = (code: string) => plan.findings.some((finding) => finding.code === code);
      if (
        (says('noHomeMethod') && says('professionalHand')) ||
        says('noCleaningHelps') ||
        says('waterTestFirst')
      )
        honestNone += 1;
      else codes.push('emptyScreen');
    }
    for (const code of codes) violations[code] = (violations[code] ?? 0) + 1;
    if (codes.length > 0 && examples.length < MAX_EXAMPLES) examples.push(number);
  }
  return { plans: to - from, passes, honestNone, violations, examples, sense: sense.counts() };
}
