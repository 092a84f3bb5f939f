import type { MechanicalAction } from '@feverfew/knowledge';
import { BLANK_LABEL } from '../../textile/careLabel.js';
import type { PiecePart } from '../../textile/piece.js';
import type { EligibleMethod } from '../assess/assessMethod.js';
import { judgeMethod } from '../assess/judge/judgeMethod.js';
import { workWindow } from '../assess/workWindow.js';
import { openCase } from '../case/openCase.js';
import type { PlanContext } from '../case/planContext.js';
import type { Placed } from '../course/arrangement.js';

/**
 * Fibres of rarer makes of such a piece that these passes would spoil: asked about before the first of them.
 * @param passes those of all rounds
 * @returns ids of fibres that are not in what was taken as usual
 */
export function spoiledFibres(passes: readonly Placed[], context: PlanContext): string[] {
  const { usual, keepsOff } = context;
  if (!usual || keepsOff) return [];
  const works = [...new Map(passes.map(({ eligible }) => [eligible.method, eligible])).values()];
  const known = new Set([...usual.fibres.map(({ fibreId }) => fibreId), ...usual.unlessFibreIds]);
  return [
    ...new Set(
      purest(usual.rarerMakes, known).flatMap(({ parts, others }) => {
        const rarer = onMake(parts, context);
        return rarer && works.some((work) => isTooMuchFor(work, rarer)) ? others : [];
      }),
    ),
  ];
}

interface RarerMake {
  readonly parts: readonly PiecePart[];
  /** Fibres in it that were not asked about yet. */
  readonly others: readonly string[];
  /** Their share of all its parts, %. */
  readonly sharePct: number;
}

/** Of makes with the same other fibres the one that has most of them: it bears least. */
function purest(makes: readonly (readonly PiecePart[])[], known: ReadonlySet<string>): RarerMake[] {
  const most = new Map<string, RarerMake>();
  for (const parts of makes) {
    const shares = parts.flatMap(({ fibres }) => fibres).filter(({ fibreId }) => !known.has(fibreId));
    const others = [...new Set(shares.map(({ fibreId }) => fibreId))].sort();
    const sharePct = shares.reduce((sum, share) => sum + share.sharePct, 0);
    const key = others.join();
    if (others.length > 0 && sharePct > (most.get(key)?.sharePct ?? 0))
      most.set(key, { parts, others, sharePct });
  }
  return [...most.values()];
}

/** The same case on a piece of such a make, its tag as the check asks for it. */
function onMake(parts: readonly PiecePart[], context: PlanContext): PlanContext | null {
  const { facts, household, knowledge, evidence, occupancy, usual, rinsable } = context;
  const label =
    usual?.washC == null
      ? facts.piece.label
      : { ...(facts.piece.label ?? BLANK_LABEL), bleach: 'oxygenOnly' as const };
  const piece = { ...facts.piece, parts, label };
  const made = openCase({ ...facts, piece }, household, knowledge, evidence, occupancy).context;
  return made && { ...made, rinsable };
}

const BRUSHES: ReadonlySet<MechanicalAction> = new Set(['softBrush', 'firmBrush']);

/** It is ruled out there, done warmer or stronger than the make bears, or brushed where the make is only pressed. */
function isTooMuchFor({ method, standIn, window }: EligibleMethod, rarer: PlanContext): boolean {
  const there = workWindow(method, standIn, rarer);
  return (
    window.tempC.target > there.tempC.max ||
    window.doseMost > there.doseMost ||
    (BRUSHES.has(window.action) && !BRUSHES.has(there.action)) ||
    judgeMethod(method, there, rarer).length > 0
  );
}
