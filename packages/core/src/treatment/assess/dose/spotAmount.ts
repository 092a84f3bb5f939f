import {
  FIELD_PALMS,
  FOAM_ROUND_ML,
  HAND_CM2,
  type Method,
  PALM_CM2,
  SIZE_CM,
  SPOT_AMOUNTS,
  SURFACE_AMOUNTS,
  SURFACE_EDGE_CM,
  WIPED_ML,
} from '@feverfew/knowledge';
import { type SidesCm, sidesOf } from '../../../trouble/size.js';
import type { PlanContext } from '../../case/planContext.js';
import { surfaceHere } from './surfaceHere.js';

type Asks = Pick<PlanContext, 'facts' | 'index' | 'item' | 'rinsable'>;

/** From this share of a piece on a trouble is all over it: a plate is a spot on a sheet, and all of a cloth mask. */
const ALL_OVER_SHARE = 0.5;

/**
 * Sides of the place worked on at one time, cm. Null = the whole piece: reported so, or on most of it. A surface that
 * cannot be rinsed
 * through goes a field at a time.
 */
export function workedSides({ facts, item, rinsable }: Pick<PlanContext, 'facts' | 'item' | 'rinsable'>) {
  const told = sidesOf(facts.size);
  if (!rinsable) return told ?? SIZE_CM.plate;
  return told && told.length * told.width <= ALL_OVER_SHARE * item.typicalAreaCm2 ? told : null;
}

/** Palms that are worked for a mark with so much of an edge. */
const palmsOf = ({ length, width }: SidesCm, edgeCm: number): number =>
  ((length + 2 * edgeCm) * (width + 2 * edgeCm)) / PALM_CM2;

/**
 * What is put on in one go, mL: of a small mix, or of the largest product where they go on one after the other.
 * @param goes wet goes of the round on what cannot be rinsed through, plain passes counted; 1 and up
 */
export function spotAmount(method: Method, context: Asks, goes = 1): number {
  const { edgeCm, perPalmML, leastML, handML, mostML: top } = SPOT_AMOUNTS[method.spotKind ?? 'thin'];
  const sides = workedSides(context);
  const palms = sides ? palmsOf(sides, edgeCm) : context.item.typicalAreaCm2 / PALM_CM2;
  const byArea = Math.min(Math.max(leastML, perPalmML * palms), top ?? Number.POSITIVE_INFINITY);
  const onHand = sides && sides.length * sides.width <= HAND_CM2 ? Math.min(byArea, handML) : byArea;
  const liquid = liquidShare(method, context);
  // Webbing has a cap of its own, even where its tag lets it be rinsed.
  const isOpen = context.rinsable && context.item.mostMLPerCm2 === null;
  if (isOpen || liquid === 0) return onHand;
  const { usualML, mostML } = surfaceLiquid(method, context, goes);
  return isThin(method) ? usualML / liquid : Math.min(onHand, mostML / liquid);
}

/** Watery: a surface says how much of it. Pastes and neat products keep their own amounts, up to its most. */
const isThin = ({ spotKind }: Method): boolean =>
  spotKind === null || ['suds', 'thin', 'peroxideMix', 'plainRinse'].includes(spotKind);

/** Less than this on a palm of a surface does nothing, mL. Common practice, no source. */
const MIN_SURFACE_ML = 1.4;

/** Liquid of one go on what cannot be rinsed through, mL: as usual, and at the most. */
function surfaceLiquid(method: Method, context: Asks, goes: number) {
  const kind = surfaceHere(context);
  const { goML, mostML, roundML } = SURFACE_AMOUNTS[kind];
  const palms = surfacePalms(context);
  const isField = palms <= FIELD_PALMS || oxidises(method, context);
  const worked = Math.min(palms, FIELD_PALMS);
  const inRound = Math.min(roundML * worked, kind === 'padded' ? FOAM_ROUND_ML : Number.POSITIVE_INFINITY);
  const usualML = isField ? goML * worked : WIPED_ML * palms;
  const perGo = isField ? inRound / goes : (2 * WIPED_ML * palms) / goes;
  const leastML = MIN_SURFACE_ML * (isField ? worked : palms);
  return {
    usualML: Math.max(leastML, Math.min(usualML, perGo)),
    mostML: Math.max(leastML, Math.min(mostML * worked, perGo)),
  };
}

/** Plain water of one pass on what cannot be rinsed through, mL. */
export function plainPassML(context: Asks, goes: number): number {
  const { goML, roundML } = SURFACE_AMOUNTS[surfaceHere(context)];
  const palms = surfacePalms(context);
  const perPalm = palms > FIELD_PALMS ? (2 * WIPED_ML) / goes : Math.min(goML, roundML / goes);
  return Math.max(MIN_SURFACE_ML, perPalm) * palms;
}

/** Palms of a surface that are worked. A plate has its edge in it, and so has a field of what is all over. */
export function surfacePalms({ facts: { size } }: Pick<PlanContext, 'facts'>): number {
  const sides = sidesOf(size);
  return sides === null || size === 'plate' ? FIELD_PALMS : palmsOf(sides, SURFACE_EDGE_CM);
}

/** Peroxide and its like go on the worst field only. */
const oxidises = (method: Method, { index }: Pick<PlanContext, 'index'>): boolean =>
  index.factsOf(method).chemistries.some((one) => one === 'peroxide' || one === 'percarbonate');

/** How much of a small mix is liquid, 0–1. Where its products go on one after the other, of the largest of them. */
function liquidShare({ agents, waterParts }: Method, { index }: Pick<PlanContext, 'index'>): number {
  const parts = agents.flatMap(({ agentId, dose }) =>
    dose.per === 'parts'
      ? [{ parts: dose.parts, isLiquid: index.agents.get(agentId)?.form !== 'powder' }]
      : [],
  );
  const sum = (of: typeof parts) => of.reduce((all, one) => all + one.parts, 0);
  const liquid = sum(parts.filter(({ isLiquid }) => isLiquid)) + (waterParts ?? 0);
  const whole = waterParts === null ? Math.max(0, ...parts.map((one) => one.parts)) : sum(parts) + waterParts;
  return whole > 0 ? liquid / whole : 0;
}
