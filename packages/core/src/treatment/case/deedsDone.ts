import type { Agent, Chemistry, Deed, MechanicalAction } from '@feverfew/knowledge';

/** A deed that a chemistry is, whatever product brings it. */
const IS_DEED: readonly (readonly [Deed, readonly Chemistry[]])[] = [
  ['bleach', ['peroxide', 'percarbonate']],
  ['chlorine', ['chlorine']],
  ['soap', ['soap']],
  ['soda', ['mildAlkali', 'strongAlkali']],
  ['acid', ['weakAcid', 'oxalicAcid']],
  ['ammonia', ['ammonia']],
  ['softener', ['softener']],
];

/** What products and hands do to the piece, in the words notes go by. */
export function deedsDone(agents: readonly Agent[], action: MechanicalAction): Set<Deed> {
  const chemistries = new Set(agents.flatMap((agent) => agent.chemistries));
  return new Set<Deed>([
    ...agents.flatMap((agent) => agent.deeds),
    ...IS_DEED.flatMap(([deed, some]) => (some.some((one) => chemistries.has(one)) ? [deed] : [])),
    ...(action === 'softBrush' || action === 'firmBrush' ? (['brush'] as const) : []),
  ]);
}
