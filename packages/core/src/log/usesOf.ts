import type { Knowledge } from '@feverfew/knowledge';
import { ageBandOf, type UseCase } from '../evidence/evidence.js';
import { fibreFamilyOf } from '../evidence/fibreFamilyOf.js';
import { mainComponentOf } from '../evidence/mainComponentOf.js';
import type { RunState } from '../run/runState.js';
import type { Pass } from '../treatment/plan/pass.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';

type Expected = Pick<Pass, 'methodId' | 'effect'>;

/** What is left of a trouble that is called gone, %: several passes share even that, and none gets all of it. */
const GONE_PCT = 2;

/**
 * Lines of the log that a run gives: one per pass worked on and told mark. What a look found between one level and the
 * next is shared among the passes worked on in between, by what each was expected to take.
 * Rounds nobody graded say nothing and are left out; so is a pass that went wrong, which is no measure of its effect.
 * @param passes the plan's passes, in order
 */
export function usesOf(
  runId: string,
  facts: TroubleFacts,
  passes: readonly Expected[],
  { looks }: Pick<RunState, 'looks'>,
  knowledge: Knowledge,
): UseCase[] {
  // Of several troubles on one piece nobody can tell which one a level is of.
  const [markId] = facts.markIds;
  if (facts.markIds.length !== 1 || markId === undefined) return [];
  const componentId = mainComponentOf(markId, knowledge);
  if (componentId === null) return [];
  const wrong = new Set(looks.filter(({ answer }) => answer === 'wrong').map(({ rungIndex }) => rungIndex));
  return [...leftByPass(looks, passes)].flatMap(([index, { share, seen, rounds, at }]): UseCase[] => {
    const methodId = passes[index]?.methodId;
    if (methodId === undefined || wrong.has(index)) return [];
    return [
      {
        id: `${runId}:${index}`,
        at,
        methodId,
        markId,
        componentId,
        fibres: fibreFamilyOf(facts, knowledge),
        age: ageBandOf(facts.age),
        rounds: rounds.size,
        leftPct: Math.min(100, Math.round(100 * share)),
        ...(seen === share ? {} : { seenPct: Math.min(100, Math.round(100 * seen)) }),
      },
    ];
  });
}

interface Left {
  /** Of what was there before it, 0–1 and above where a look found more. */
  readonly share: number;
  /** The same as it was seen, shared with nobody. */
  readonly seen: number;
  readonly rounds: ReadonlySet<string>;
  readonly at: string;
}

function leftByPass(looks: RunState['looks'], passes: readonly Expected[]): ReadonlyMap<number, Left> {
  const left = new Map<number, Left>();
  let before = 100;
  for (const { at, leftPct, of, round } of looks) {
    if (leftPct === null) continue;
    const from = before;
    before = leftPct;
    if (from <= 0) continue;
    const shared = of.length > 1 ? Math.max(GONE_PCT, leftPct) : leftPct;
    const strengths = of.map((index) => strengthOf(passes[index]));
    const all = strengths.reduce((sum, one) => sum + one, 0);
    for (const [nth, index] of of.entries()) {
      const share = (shared / from) ** ((strengths[nth] ?? 0) / all);
      const known = left.get(index);
      left.set(index, {
        share: (known?.share ?? 1) * share,
        seen: (known?.seen ?? 1) * (leftPct / from),
        rounds: new Set([...(known?.rounds ?? []), `${round}`]),
        at,
      });
    }
  }
  return left;
}

/** Expected to leave so much less, on a scale where passes add up: −ln of what it leaves. */
function strengthOf(pass: Expected | undefined): number {
  const taken = pass ? (pass.effect.low + pass.effect.high) / 2 : 0;
  return -Math.log(1 - Math.min(0.99, Math.max(0.01, taken)));
}
