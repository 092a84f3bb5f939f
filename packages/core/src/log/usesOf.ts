import type { Knowledge } from '@feverfew/knowledge';
import { ageBandOf, type UseCase } from '../evidence/evidence.js';
import { fibreFamilyOf } from '../evidence/fibreFamilyOf.js';
import { mainComponentOf } from '../evidence/mainComponentOf.js';
import { type ClockedDwell, isSoaked } from '../run/clock/dwellsOf.js';
import type { RunState } from '../run/runState.js';
import type { Pass } from '../treatment/plan/pass.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';

type Expected = Pick<Pass, 'methodId' | 'effect' | 'effectByMark'> & Partial<Pick<Pass, 'actions'>>;

/** What is left of a trouble that is called gone, %: several passes share even that, and none gets all of it. */
const GONE_PCT = 2;
/** A pass that was expected to take less of a trouble was done for another one: our own choice. */
const DONE_FOR = 0.03;

/**
 * Lines of the log that a run gives: one per pass worked on and entered mark. What a look found between one level and
 * the
 * next is shared among the passes worked on in between, by what each was expected to take of that mark.
 * Ungraded rounds say nothing and are left out. So is a pass that went wrong, which does not measure its effect, and
 * one level for several marks, which cannot be divided among them.
 * @param passes the plan's passes, in order
 * @param dwells clocked waits of the run
 */
export function usesOf(
  runId: string,
  facts: TroubleFacts,
  passes: readonly Expected[],
  { looks }: Pick<RunState, 'looks'>,
  knowledge: Knowledge,
  dwells: readonly ClockedDwell[] = [],
): UseCase[] {
  const wrong = new Set(looks.filter(({ answer }) => answer === 'wrong').map(({ passIndex }) => passIndex));
  const isOne = facts.markIds.length === 1;
  return facts.markIds.flatMap((markId) => {
    const componentId = mainComponentOf(markId, knowledge);
    if (componentId === null) return [];
    return [...leftByPass(looks, passes, markId)].flatMap(
      ([index, { share, seen, rounds, at }]): UseCase[] => {
        const methodId = passes[index]?.methodId;
        if (methodId === undefined || wrong.has(index)) return [];
        return [
          {
            id: isOne ? `${runId}:${index}` : `${runId}:${index}:${markId}`,
            at,
            methodId,
            markId,
            componentId,
            fibres: fibreFamilyOf(facts, knowledge),
            age: ageBandOf(facts.age),
            rounds: rounds.size,
            leftPct: Math.min(100, Math.round(100 * share)),
            ...conditionsOf(index, passes[index], dwells),
            ...(seen === share ? {} : { seenPct: Math.min(100, Math.round(100 * seen)) }),
          },
        ];
      },
    );
  });
}

/** How long, how warm and with how much it was done: minutes as clocked, the rest as the recipe has it. */
function conditionsOf(
  index: number,
  pass: Expected | undefined,
  dwells: readonly ClockedDwell[],
): Pick<UseCase, 'minutes' | 'tempC' | 'dose'> {
  const steps = pass?.actions ?? [];
  const own = dwells.filter(({ passIndex }) => passIndex === index);
  const minutes =
    own.reduce((sum, one) => sum + one.minutes, 0) / new Set(own.map(({ round }) => round)).size;
  const tempC = steps.find((step) => step.tempC)?.tempC?.target;
  const [first] = steps.flatMap(({ ingredients }) => ingredients);
  const dose =
    first && first.massG !== null
      ? { agentId: first.agentId, amount: first.massG, unit: 'g' as const }
      : first && first.volumeML !== null
        ? { agentId: first.agentId, amount: first.volumeML, unit: 'mL' as const }
        : null;
  return {
    ...(own.length > 0 && isSoaked(steps) ? { minutes: Math.round(minutes) } : {}),
    ...(tempC === undefined ? {} : { tempC }),
    ...(dose ? { dose } : {}),
  };
}

interface Left {
  /** Of what was there before it, 0–1 and above where a look found more. */
  readonly share: number;
  /** The same by eye, not shared with others. */
  readonly seen: number;
  readonly rounds: ReadonlySet<string>;
  readonly at: string;
}

/** What one mark was left with by each pass that was done for it, by the pass's index. */
function leftByPass(
  looks: RunState['looks'],
  passes: readonly Expected[],
  markId: string,
): ReadonlyMap<number, Left> {
  const left = new Map<number, Left>();
  let before = 100;
  let worked: number[] = [];
  for (const { at, byMark, of, round } of looks) {
    worked = [...new Set([...worked, ...of])];
    const leftPct = byMark.find((one) => one.markId === markId)?.leftPct;
    if (leftPct === undefined) continue;
    const [from, since] = [before, doneFor(markId, worked, passes)];
    before = leftPct;
    worked = [];
    if (from <= 0) continue;
    const shared = since.length > 1 ? Math.max(GONE_PCT, leftPct) : leftPct;
    const strengths = since.map((index) => strengthOf(expectedOf(passes[index], markId)));
    const all = strengths.reduce((sum, one) => sum + one, 0);
    for (const [nth, index] of since.entries()) {
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

/** Of the passes worked on, those done for a mark; all of them where none was. */
function doneFor(markId: string, worked: readonly number[], passes: readonly Expected[]): readonly number[] {
  const own = worked.filter((index) => expectedOf(passes[index], markId) >= DONE_FOR);
  return own.length > 0 ? own : worked;
}

/** What a pass was expected to take of a mark, 0–1, by the middle of its range. */
function expectedOf(pass: Expected | undefined, markId: string): number {
  const effect = pass?.effectByMark.find((one) => one.markId === markId) ?? pass?.effect;
  return effect ? (effect.low + effect.high) / 2 : 0;
}

/** Expected to leave so much less, on a scale where passes add up: −ln of what it leaves. */
const strengthOf = (taken: number): number => -Math.log(1 - Math.min(0.99, Math.max(0.01, taken)));
