import type { Agent, Deed } from '@feverfew/knowledge';
import type { CaseRead } from './readCase.js';

/** Products of one stretch of work that are known. */
export const agentsOf = (
  { pours }: { readonly pours: readonly { readonly agentId: string }[] },
  { agentOf }: CaseRead,
): Agent[] => pours.flatMap((one) => agentOf(one.agentId) ?? []);

/** Their chemistries. */
export const chemistriesOf = (
  work: { readonly pours: readonly { readonly agentId: string }[] },
  read: CaseRead,
): string[] => agentsOf(work, read).flatMap((agent) => agent.chemistries);

/** What the products of a stretch, and a brush in hand, do to the piece. */
export function deedsOf(
  work: {
    readonly pours: readonly { readonly agentId: string }[];
    readonly hand: string | null;
    readonly drying: readonly string[];
    readonly soaks?: boolean;
  },
  read: CaseRead,
): Set<Deed> {
  const chemistries = chemistriesOf(work, read);
  const does = (deed: Deed, is: boolean): Deed[] => (is ? [deed] : []);
  return new Set<Deed>([
    ...agentsOf(work, read).flatMap((agent) => agent.deeds),
    ...does('bleach', chemistries.includes('peroxide') || chemistries.includes('percarbonate')),
    ...does('chlorine', chemistries.includes('chlorine')),
    ...does('soap', chemistries.includes('soap')),
    ...does('soda', chemistries.includes('mildAlkali') || chemistries.includes('strongAlkali')),
    ...does('acid', chemistries.includes('weakAcid') || chemistries.includes('oxalicAcid')),
    ...does('ammonia', chemistries.includes('ammonia')),
    ...does('softener', chemistries.includes('softener')),
    ...does('soak', work.soaks === true),
    ...does('brush', work.hand === 'softBrush' || work.hand === 'firmBrush'),
    ...does('sun', work.drying.includes('sun')),
    ...does('tumble', work.drying.includes('tumbleLow') || work.drying.includes('tumbleNormal')),
  ]);
}
