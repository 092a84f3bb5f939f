import type { Method } from '@feverfew/knowledge';
import type { PlanContext } from '../case/planContext.js';

/** A method made for certain components is asked only when they make up this much of a trouble. */
const WORTH_AIMING_AT = 0.3;

/**
 * Made for a trouble of this kind, for one of its components, this age, this piece, and for pieces kept in place or
 * not; a piece that fits no bag is not bagged.
 */
export function isRelevant(method: Method, context: PlanContext): boolean {
  if (!suitsPiece(method, context)) return false;
  if (method.colouredOnly && context.facts.piece.colour === 'white') return false;
  return context.marks.some((work) => {
    if (!method.kinds.some((kind) => work.kinds.has(kind))) return false;
    if (method.componentIds.length === 0) return true;
    let aimedAt = 0;
    for (const { component, weight } of work.components)
      if (method.componentIds.includes(component.id)) aimedAt += weight;
    return aimedAt >= WORTH_AIMING_AT - 1e-9;
  });
}

/** Made for this piece, kept in place or not, and for a trouble this old and this wet. */
export function suitsPiece(method: Method, context: PlanContext): boolean {
  const { rinsable, item, facts, envelope } = context;
  if (method.itemIds.length > 0 && !method.itemIds.includes(item.id)) return false;
  if (method.inABag && !item.fitsABag) return false;
  if (method.placeOnly && !context.keepsOff) return false;
  if (method.fibreGroups.length > 0 && !holdsGroup(method, context)) return false;
  if (method.ages.length > 0 && !method.ages.includes(facts.age)) return false;
  if (method.onlyWhereDry && envelope.wetting.most !== 'dry') return false;
  if (method.onlyWet && facts.wetness === 'dry') return false;
  if (!rinsable && method.wetting === 'spot' && isNeatDetergent(method, context)) return false;
  return (
    method.place === 'both' ||
    (method.place === 'surface') === !rinsable ||
    (!rinsable && method.wetting === 'spot')
  );
}

/** Put on as it is, it only comes out again with a rinse through. */
const isNeatDetergent = (method: Method, { index }: PlanContext): boolean =>
  (method.waterParts ?? 0) === 0 &&
  index
    .factsOf(method)
    .agents.some(({ chemistries }) => chemistries.some((one) => one === 'detergent' || one === 'soap'));

/** Whether the part that the trouble is on holds a fibre the method is made for. */
const holdsGroup = ({ fibreGroups }: Method, { facts, index }: PlanContext): boolean =>
  (facts.piece.parts[facts.partIndex] ?? facts.piece.parts[0])?.fibres.some(({ fibreId }) => {
    const group = index.fibres.get(fibreId)?.group;
    return group !== undefined && fibreGroups.includes(group);
  }) ?? false;
