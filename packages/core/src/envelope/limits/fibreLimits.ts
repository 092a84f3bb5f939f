import { type Fibre, UNKNOWN_FIBRE_ID } from '@feverfew/knowledge';
import type { LimitOwner } from '../../finding/limitOwner.js';
import type { KnowledgeIndex } from '../../lookup/knowledgeIndex.js';
import type { PieceFacts } from '../../textile/piece.js';
import type { Limit } from '../limit.js';
import { chemistryLimit } from './chemistryLimit.js';

/** Limits of every fibre present at any share in any part; an unnamed fibre counts as the unknown one. */
export function fibreLimits(piece: PieceFacts, index: KnowledgeIndex): Limit[] {
  const parts = piece.parts.length > 0 ? piece.parts : [{ name: 'whole piece', fibres: [] }];
  const shares = parts.flatMap((part) =>
    (part.fibres.length > 0 ? part.fibres : [{ fibreId: UNKNOWN_FIBRE_ID, sharePct: 100 }]).map(
      ({ fibreId, sharePct }) => ({ kind: 'fibre', fibreId, sharePct, part: part.name }) as const,
    ),
  );
  // A fixed order, so that the order the parts were told in changes nothing.
  const sorted = shares.sort(
    (a, b) => byText(a.fibreId, b.fibreId) || byText(a.part, b.part) || b.sharePct - a.sharePct,
  );
  return sorted.flatMap((owner) => {
    const fibre = index.fibres.get(owner.fibreId);
    const beneath = index.partsByName.get(owner.part)?.beneath ?? false;
    return fibre ? limitsOfFibre(fibre, piece, owner, beneath) : [];
  });
}

const byText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

function limitsOfFibre(fibre: Fibre, piece: PieceFacts, owner: LimitOwner, beneath: boolean): Limit[] {
  const ground = { owner, protects: 'piece', sourceIds: fibre.sourceIds } as const;
  const white = piece.colour === 'white';
  const { bathTempC } = fibre;
  const maxC =
    piece.label?.wash?.kind === 'machine'
      ? white
        ? bathTempC.white
        : bathTempC.coloured
      : white
        ? bathTempC.unlabelledWhite
        : bathTempC.unlabelledColoured;
  return [
    { ...ground, quantity: 'tempC', maxC },
    { ...ground, quantity: 'pH', ...fibre.pH },
    { ...ground, quantity: 'action', most: fibre.mostAction },
    { ...ground, quantity: 'programme', most: fibre.mostProgramme },
    ...(fibre.waterSensitive
      ? [{ ...ground, quantity: 'wetting', most: beneath ? 'surface' : 'dry' } as const]
      : []),
    ...(fibre.mostWetting ? [{ ...ground, quantity: 'wetting', most: fibre.mostWetting } as const] : []),
    ...fibre.chemistry.map((rule) => chemistryLimit(rule, owner)),
    ...fibre.drying.map(
      (rule) =>
        ({
          ...ground,
          quantity: 'drying',
          forbids: rule.forbids,
          protects: rule.protects,
          sourceIds: rule.sourceIds,
        }) as const,
    ),
  ];
}
