import { type Finding, finding } from '../finding/finding.js';
import { toPct } from '../quantity/rounding.js';
import { clashWith } from './arrange/clashWith.js';
import type { EligibleMethod, MethodAssessment } from './assess/assessMethod.js';
import { riskOf } from './assess/risk.js';
import type { PlanContext } from './case/planContext.js';
import { RISKS } from './plan/pass.js';
import type { Candidate } from './plan/plan.js';
import type { RoundPass } from './plan/round.js';
import type { LaidOut } from './rounds/layOut.js';

/** Every way that was looked at, once: what is done, what else could be, what could not and why. */
export function candidatesOf(
  { rounds, notUsed }: Pick<LaidOut, 'rounds' | 'notUsed'>,
  assessments: readonly MethodAssessment[],
  context: PlanContext,
): Candidate[] {
  const { index } = context;
  const passes = rounds.flatMap((round) => round.passes);
  const done = passes.flatMap(({ methodId }) => {
    const method = index.methods.get(methodId);
    return method ? [{ method, appliedAgents: index.factsOf(method).agents }] : [];
  });
  const [main] = [...(rounds[0]?.passes ?? [])].sort((a, b) => b.takes.all.high - a.takes.all.high);
  const list = [
    ...passes.map(
      ({ methodId, findings, opensAfterTest }): Candidate =>
        opensAfterTest
          ? { methodId, verdict: 'ruledOut', findings: [finding('afterWaterTest', { methodId })] }
          : { methodId, verdict: 'inPlan', findings },
    ),
    ...notUsed.map(({ methodId, findings }): Candidate => {
      const may = findings.every(({ code }) => MAY_BE_DONE.includes(code));
      return { methodId, verdict: may ? 'spare' : 'ruledOut', findings };
    }),
    ...assessments.flatMap(({ eligible, candidate }): Candidate[] => {
      if (!eligible) return candidate ? [candidate] : [];
      const clash = clashWith(done, eligible, context);
      const methodId = eligible.method.id;
      return clash
        ? [{ methodId, verdict: 'ruledOut', findings: [clash] }]
        : [{ methodId, verdict: 'spare', findings: [otherWay(eligible, main)] }];
    }),
  ];
  const seen = new Set<string>();
  return list.filter(({ methodId }) => !seen.has(methodId) && seen.add(methodId));
}

/** What keeps a way out of the rounds without anything being against it. */
const MAY_BE_DONE: readonly string[] = ['addsLittle', 'takesTooLong', 'leftOut', 'logSaysOther'];

/** A method that is not in the plan, compared with the one of the plan that does most. */
function otherWay({ harshness, effect }: EligibleMethod, main: RoundPass | undefined): Finding {
  const risk = RISKS.indexOf(riskOf(harshness)) - (main ? RISKS.indexOf(main.risk) : 0);
  const more = main ? effect.high - main.takes.all.high : 0;
  const than =
    risk < 0 || (risk === 0 && more < -CLEARLY)
      ? 'gentler'
      : risk > 0 || more > CLEARLY
        ? 'stronger'
        : 'alike';
  return finding('otherWay', { than, lowPct: toPct(effect.low), highPct: toPct(effect.high) }, ['memory']);
}

/** So much more or less taken out is another strength: our own choice. */
const CLEARLY = 0.1;
