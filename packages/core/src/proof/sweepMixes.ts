import type { Knowledge } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import { answerQuestion } from '../mix/answerQuestion.js';
import { judgeMix } from '../mix/judgeMix.js';
import { EMPTY_MIX, type Mix, type MixContainer, type MixPour } from '../mix/mix.js';
import { DomainError } from '../quantity/domainError.js';
import { checkMix } from '../safety/checkMix.js';
import { drawn } from './drawn.js';

export interface MixSweep {
  readonly mixes: number;
  readonly refused: number;
  /** What the checker found in mixes that were allowed, and in those scaled by the question form. */
  readonly dangers: Readonly<Record<string, number>>;
  readonly examples: readonly string[];
  /** Ordinary single products in plenty of plain water that were refused. */
  readonly tooCareful: readonly string[];
}

const AMOUNTS = [1, 5, 20, 50, 100, 250, 1000] as const;
const WATERS = [0, 20, 200, 1000, 5000, 10_000, 120_000] as const;
const WARMTHS = [null, null, 15, 30, 40, 60, 90] as const;
const MAX_EXAMPLES = 12;
/** A few spoons, mL or g. */
const MAX_SPOONS = 5;

/**
 * Mixes by number: judged, scaled, and each read by the checker.
 * @param from first number
 * @param to the number after the last
 */
export function sweepMixes(from: number, to: number, household: Household, knowledge: Knowledge): MixSweep {
  const dangers: Record<string, number> = {};
  const examples: string[] = [];
  const tooCareful: string[] = [];
  let refused = 0;
  for (let number = from; number < to; number += 1) {
    const mix = mixAt(number, household, knowledge);
    const verdict = judgeMix(mix, household, knowledge);
    if (verdict.refused.length > 0) refused += 1;
    if (isOrdinary(mix, household, knowledge) && verdict.refused.length > 0)
      tooCareful.push(`${mix.pours[0]?.agentId}: ${verdict.refused[0]?.code}`);
    const scaled = scaledTo(mix, number, household, knowledge);
    const found = [
      ...checkMix(mix, verdict, household, knowledge),
      ...(scaled ? checkMix(scaled.mix, scaled.verdict, household, knowledge) : []).map(
        (code) => `scaled ${code}`,
      ),
    ];
    for (const code of found) dangers[code] = (dangers[code] ?? 0) + 1;
    if (found.length > 0 && examples.length < MAX_EXAMPLES)
      examples.push(`${number}: ${found.join()} ${JSON.stringify(mix)}`);
  }
  return { mixes: to - from, refused, dangers, examples, tooCareful: [...new Set(tooCareful)] };
}

export function mixAt(number: number, { vessels }: Household, { agents }: Knowledge): Mix {
  const next = drawn(number);
  const of = <T>(list: readonly T[]): T => {
    const one = list[Math.floor(next() * list.length)];
    if (one === undefined) throw new Error('nothing to draw from');
    return one;
  };
  const containers: MixContainer[] = [
    ...vessels.map(({ id }): MixContainer => ({ kind: 'vessel', vesselId: id })),
    ...(['cup', 'cup', 'bottle', 'sprayer'] as const).map((kind): MixContainer => ({ kind })),
  ];
  const ids = Array.from({ length: 1 + Math.floor(next() * 3) }, () => of(agents));
  const pours = [...new Set(ids)].map(
    (agent): MixPour => ({
      agentId: agent.id,
      amount: of(AMOUNTS),
      unit: agent.form === 'powder' || agent.form === 'solid' ? 'g' : 'mL',
      strengthPct: agent.strength?.recipe ?? null,
    }),
  );
  return { ...EMPTY_MIX, container: of(containers), waterML: of(WATERS), waterC: of(WARMTHS), pours };
}

/** A spoon of one product the house may have, in an open vessel with a hundred times as much cool water. */
function isOrdinary(mix: Mix, household: Household, { agents }: Knowledge): boolean {
  const { container } = mix;
  const isOpen = household.vessels.some(
    ({ id, lid }) => container.kind === 'vessel' && id === container.vesselId && !lid,
  );
  const [pour] = mix.pours;
  const agent = agents.find(({ id }) => id === pour?.agentId);
  if (!pour || !agent || mix.pours.length > 1 || !isOpen || pour.amount > MAX_SPOONS) return false;
  const isKept = agent.offByDefault || agent.neverOffered || agent.restrictedSale;
  return (
    !isKept &&
    !agent.notWith.some((who) => household[who]) &&
    mix.waterML >= 100 * pour.amount &&
    (mix.waterC ?? 0) <= 20
  );
}

/** The same recipe as the question form scales it; null where the form refuses or the amount leaves its range. */
function scaledTo(mix: Mix, number: number, household: Household, knowledge: Knowledge) {
  if (mix.container.kind !== 'cup' || mix.waterML < 50) return null;
  const toL = [0.5, 2, 10][number % 3] ?? 1;
  try {
    const answer = answerQuestion(
      { kind: 'scale', items: mix.pours, fromL: mix.waterML / 1000, toL },
      household,
      knowledge,
    );
    if (answer.kind !== 'scale') return null;
    const pours = answer.items.map(({ agentId, amount, unit }, at) => ({
      agentId,
      amount,
      unit,
      strengthPct: mix.pours[at]?.strengthPct ?? null,
    }));
    const open = { ...EMPTY_MIX, waterML: toL * 1000, pours };
    return { mix: open, verdict: { ...judgeMix({ ...EMPTY_MIX }, household, knowledge), refused: [] } };
  } catch (error) {
    // Out of the range of the form: no recipe is given. Anything else is a fault.
    if (!(error instanceof DomainError)) throw error;
    return null;
  }
}
