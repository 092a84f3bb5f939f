import { type Fibre, LONG_SOAK_MIN, UNKNOWN_FIBRE_ID } from '@feverfew/knowledge';
import type { LimitOwner } from '../../finding/limitOwner.js';
import type { KnowledgeIndex } from '../../lookup/knowledgeIndex.js';
import { allowsWash } from '../../textile/careLabel.js';
import type { PieceFacts } from '../../textile/piece.js';
import { borneWithLabel } from '../labelPermission.js';
import type { Limit } from '../limit.js';
import { chemistryLimit } from './chemistryLimit.js';

type FibreOwner = Extract<LimitOwner, { kind: 'fibre' }>;

/** Limits of every fibre present at any share in any part; an unnamed fibre counts as the unknown one. */
export function fibreLimits(piece: PieceFacts, index: KnowledgeIndex): Limit[] {
  const parts = piece.parts.length > 0 ? piece.parts : [{ name: 'whole piece', fibres: [] }];
  const shares = parts.flatMap((part) =>
    (part.fibres.length > 0 ? part.fibres : [{ fibreId: UNKNOWN_FIBRE_ID, sharePct: 100 }]).map(
      ({ fibreId, sharePct }) => ({ kind: 'fibre', fibreId, sharePct, part: part.name }) as const,
    ),
  );
  const tagSpeaks = index.items.get(piece.itemId ?? '')?.thinFoam === true && allowsWash(piece.label);
  // A fixed order, so that the order of entry changes nothing.
  const sorted = shares.sort(
    (a, b) => byText(a.fibreId, b.fibreId) || byText(a.part, b.part) || b.sharePct - a.sharePct,
  );
  return sorted.flatMap((owner) => {
    const fibre = index.fibres.get(owner.fibreId);
    const beneath = index.partsByName.get(owner.part)?.beneath ?? false;
    return fibre
      ? limitsOfFibre(tagSpeaks ? { ...fibre, mostWetting: null } : fibre, piece, owner, beneath)
      : [];
  });
}

const byText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

function limitsOfFibre(fibre: Fibre, piece: PieceFacts, owner: FibreOwner, beneath: boolean): Limit[] {
  const ground = { owner, protects: 'piece' } as const;
  const heat = { ...ground, sourceIds: fibre.heatSourceIds, quantity: 'tempC' } as const;
  const handling = { ...ground, sourceIds: fibre.handlingSourceIds } as const;
  const borne = borneWithLabel(fibre, piece, owner.sharePct);
  const { min, weakAcidBrieflyMin, spotAcidMin } = fibre.pH;
  return [
    { ...heat, maxC: borne.maxC },
    ...(fibre.longSoakMaxC === null
      ? []
      : [{ ...heat, maxC: fibre.longSoakMaxC, soakOverMin: LONG_SOAK_MIN } as const]),
    {
      ...ground,
      sourceIds: fibre.pHSourceIds,
      quantity: 'pH',
      min,
      max: borne.maxPH,
      weakAcidBrieflyMin,
      spotAcidMin,
      oxygenMax: borne.oxygenMaxPH,
    },
    { ...handling, quantity: 'action', most: fibre.mostAction },
    { ...handling, quantity: 'programme', most: borne.programme },
    ...(fibre.waterSensitive
      ? [{ ...handling, quantity: 'wetting', most: beneath ? 'surface' : 'dry' } as const]
      : []),
    ...(fibre.mostWetting ? [{ ...handling, quantity: 'wetting', most: fibre.mostWetting } as const] : []),
    ...borne.chemistry.map((rule) => chemistryLimit(rule, owner)),
    ...fibre.drying.map(
      ({ forbids, protects, sourceIds }) =>
        ({ owner, quantity: 'drying', forbids, protects, sourceIds }) as const,
    ),
  ];
}
