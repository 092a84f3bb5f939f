import type { Plan } from '../treatment/plan/plan.js';
import type { RunState } from './runState.js';

/** Cautions on what burns, smoulders or fumes in heat: these guard people, and nobody may waive them. */
const PEOPLE_CAUTIONS: readonly string[] = [
  'noDryerAfterSolvent',
  'solventPads',
  'flammable',
  'oilyRags',
  'paraffinFire',
];

/** True where heat before it is gone could hurt somebody, and not the piece alone: judged by the passes worked on. */
export function heatEndangersPeople(
  plan: Plan,
  { rungIndex, looks }: Pick<RunState, 'rungIndex' | 'looks'>,
): boolean {
  const worked = new Set([rungIndex, ...looks.map((look) => look.rungIndex)]);
  return plan.ladder.some(
    (pass, index) => worked.has(index) && pass.cautionIds.some((id) => PEOPLE_CAUTIONS.includes(id)),
  );
}
