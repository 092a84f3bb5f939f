import type { Plan, RunState } from '@feverfew/contracts';

/** The position of a run in its plan, and whether it comes a second time. */
export function whereWords(plan: Plan, { passIndex, round }: Pick<RunState, 'passIndex' | 'round'>): string {
  const passId = plan.passes[passIndex]?.passId;
  const laid = plan.rounds?.find(({ passes }) => passes.some(({ id }) => id === passId));
  const ids = laid?.passes.map(({ id }) => id) ?? [];
  const of = plan.passes.filter((pass) => pass.passId !== null && ids.includes(pass.passId));
  const at = of.findIndex((pass) => pass.passId === passId);
  const again = round > 1 ? `, time ${round}` : '';
  return laid && at >= 0
    ? `Round ${laid.id.slice(1)}, step ${at + 1} of ${of.length}${again}`
    : `Step ${passIndex + 1} of ${plan.passes.length}${again}`;
}
