import {
  CHEMISTRIES,
  type Chemistry,
  type Item,
  TOO_HEAVY_FOR_A_DRUM_G,
  type UpholsteryCode,
} from '@feverfew/knowledge';
import type { LimitOwner } from '../../finding/limitOwner.js';
import type { PieceFacts } from '../../textile/piece.js';
import { ruleByTag } from '../labelPermission.js';
import type { Limit } from '../limit.js';
import { chemistryLimit } from './chemistryLimit.js';

/** Limits of the item's construction, and of its upholstery code where it is cleaned in place. */
export function constructionLimits(piece: PieceFacts, item: Item | undefined): Limit[] {
  if (!item) return [];
  const owner: LimitOwner = { kind: 'item', itemId: item.id };
  const ground = { owner, protects: 'piece', sourceIds: item.sourceIds } as const;
  const wash = piece.label?.wash?.kind;
  const isTagged = wash === 'machine' || wash === 'hand';
  const byLabel = item.labelDecides && isTagged;
  return [
    { ...ground, quantity: 'wetting', most: byLabel ? 'immersion' : item.mostWetting },
    { ...ground, quantity: 'programme', most: byLabel ? 'veryMild' : item.mostProgramme },
    { ...ground, quantity: 'action', most: item.mostAction },
    ...(item.mostTempC !== null && !isTagged
      ? [{ ...ground, quantity: 'tempC', maxC: item.mostTempC } as const]
      : []),
    ...item.chemistry.map((rule) => chemistryLimit(ruleByTag(rule, piece), owner)),
    ...item.drying.map((rule) => ({ ...ground, quantity: 'drying', forbids: rule.forbids }) as const),
    ...(item.coded ? codeLimits(piece.code ?? 'unknown', piece.waterTest) : []),
    ...professionalLimits(piece, item, owner),
    ...weightLimits(piece),
  ];
}

/** What is too heavy for the drum of a house goes into none. */
function weightLimits({ dryMassG }: PieceFacts): Limit[] {
  if (dryMassG === null || dryMassG < TOO_HEAVY_FOR_A_DRUM_G) return [];
  const owner: LimitOwner = { kind: 'weight', massG: dryMassG };
  return [{ quantity: 'programme', most: 'hand', owner, protects: 'both', sourceIds: ['commonPractice'] }];
}

/**
 * W and WS: water on the surface. S: nothing wet. X: vacuum and brush, no agent at all. Not known: dry powder always,
 * and water on the surface once a hidden spot has passed the water test; a code S or X is never opened by a test.
 */
function codeLimits(code: UpholsteryCode, waterTest: PieceFacts['waterTest']): Limit[] {
  const ground = {
    owner: { kind: 'code', code } as LimitOwner,
    protects: 'piece',
    sourceIds: ['commonPractice'],
  } as const;
  const opened = code === 'unknown' && waterTest === 'passed';
  if (code === 'W' || code === 'WS' || opened) return [{ ...ground, quantity: 'wetting', most: 'surface' }];
  const dry: Limit = { ...ground, quantity: 'wetting', most: 'dry' };
  if (code === 'S') return [dry];
  if (code === 'unknown') return [dry, ...nothingAtAll(ground, ['absorbent'])];
  return [dry, ...nothingAtAll(ground)];
}

/** Of such a fibre this make of piece is for a professional: nothing wet, no agent at all. */
function professionalLimits(piece: PieceFacts, item: Item, owner: LimitOwner): Limit[] {
  const held = piece.parts.some((part) =>
    part.fibres.some(({ fibreId }) => item.professionalFibreIds.includes(fibreId)),
  );
  if (!held) return [];
  const ground = { owner, protects: 'piece', sourceIds: item.sourceIds } as const;
  return [{ ...ground, quantity: 'wetting', most: 'dry' }, ...nothingAtAll(ground)];
}

const nothingAtAll = (
  ground: Pick<Limit, 'owner' | 'protects' | 'sourceIds'>,
  but: readonly Chemistry[] = [],
): Limit[] =>
  CHEMISTRIES.filter((chemistry) => !but.includes(chemistry)).map((chemistry) => ({
    ...ground,
    quantity: 'chemistry',
    chemistry,
    verdict: 'never',
    bounds: {},
  }));
