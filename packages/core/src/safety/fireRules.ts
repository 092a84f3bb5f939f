import type { Deed, Method } from '@feverfew/knowledge';
import { agentsOf, deedsOf } from './doneIn.js';
import type { CaseRead } from './readCase.js';
import type { Violation } from './violation.js';
import type { Work } from './work.js';

/** Warmest water that meets cloth with solvent in it, °C. */
const COOL_C = 30;
/** Warmest a solvent is used itself, °C. */
const COLD_C = 25;
/** Sources of ignition next to a machine, a dryer and warm water. */
const LIGHTS_IT: readonly Deed[] = ['iron', 'steam', 'motor'];

/**
 * Fuel, solvent and what smells of it: aired out until no smell before any water, warmth or machine; no iron, steam,
 * vacuum cleaner or fan while it is there, and no dryer from then on. It makes no difference whether it was entered
 * as the
 * trouble, as a product tried, or is a product of the plan.
 */
export function fire(work: readonly Work[], read: CaseRead): Violation[] {
  const tried = read.residues.some((agent) => agent.flammable || agent.chemistries.includes('hydrocarbon'));
  let inCloth = tried || read.left.some(({ vapourBurns }) => vapourBurns);
  let ever =
    read.facts.tried.some(({ agentId }) => read.agentOf(agentId)?.flammable) ||
    read.told.some(({ vapourBurns }) => vapourBurns);
  /** Substances from before the plan are never ironed or steamed in: it is not known how much is left. */
  const before = inCloth || read.told.some(({ vapourBurns }) => vapourBurns);
  let untouched = inCloth;
  const padded = isFuelSoaked(read) || isSoakedWithDryingOil(read);
  return work.flatMap((one): Violation[] => {
    if (padded) return [{ code: 'heatWithSolvent', where: one.where }];
    if (airsOut(one, read)) {
      const lit = sparks(one, read) && (inCloth || before);
      inCloth = false;
      untouched = false;
      return lit ? [{ code: 'heatWithSolvent', where: one.where }] : [];
    }
    const wet = one.waterML > 0 || one.kind === 'rinse' || one.kind === 'wash' || one.pours.length > 0;
    const machine = one.programme !== null && one.programme !== 'none' && one.programme !== 'hand';
    const warm = (one.tempC?.most ?? 0) > COOL_C && one.kind !== 'look';
    const tumbled = one.drying.some((way) => way.startsWith('tumble'));
    const burning = agentsOf(one, read).some((agent) => agent.flammable);
    const hot = burning && (one.tempC?.most ?? 0) > COLD_C;
    const lit = sparks(one, read) && (inCloth || before);
    const moreFuel = burning && read.marks.some(({ fuel }) => fuel);
    const wrong =
      moreFuel || (inCloth && (machine || warm)) || (untouched && wet) || (ever && tumbled) || hot || lit;
    if (burning) {
      inCloth = true;
      ever = true;
    }
    return wrong ? [{ code: 'heatWithSolvent', where: one.where }] : [];
  });
}

const methodOf = ({ turnName }: Work, { knowledge }: CaseRead): Method | undefined =>
  knowledge.methods.find(({ id }) => id === turnName);

/** What has a solvent aired out of the piece: a step of its own, or a method that is nothing but airing. */
export function airsOut(work: Work, read: CaseRead): boolean {
  if (work.kind === 'air') return true;
  const method = work.kind === 'treat' && work.pours.length === 0 ? methodOf(work, read) : undefined;
  return (
    method !== undefined &&
    method.wetting === 'dry' &&
    method.extraMechanisms.includes('airing') &&
    !method.extraMechanisms.includes('brushing')
  );
}

/** An iron, steam, a vacuum cleaner or a fan: by its products, its rinse, its lines, or the method it is. */
function sparks(work: Work, read: CaseRead): boolean {
  const deeds = deedsOf(work, read);
  const said = work.says.flatMap((text) => read.noteOf(text)?.asks ?? []);
  const method = work.kind === 'treat' ? methodOf(work, read) : undefined;
  const own = Object.values(method?.notes ?? {}).flatMap((notes) =>
    (notes ?? []).flatMap(({ asks }) => asks),
  );
  return (
    work.rinse === 'vacuum' ||
    method?.rinse === 'vacuum' ||
    LIGHTS_IT.some(
      (deed) => deeds.has(deed) || said.includes(deed) || (deed === 'motor' && own.includes(deed)),
    )
  );
}

/** Drying oil all over a piece, until it has cured. */
export const isSoakedWithDryingOil = ({ marks, facts: { size, age } }: CaseRead): boolean =>
  size === 'allOver' && age !== 'months' && marks.some((mark) => mark.heatsItself);

/** Fuel all over a piece, in one that holds foam or latex, or in a padded one that cannot be rinsed through. */
export function isFuelSoaked({ marks, fibres, parts, drains, facts }: CaseRead): boolean {
  if (!marks.some(({ fuel }) => fuel)) return false;
  if (facts.size === 'allOver') return true;
  const foam = fibres.some(({ group, mostWetting }) => group === 'fill' && mostWetting !== null);
  return foam || (!drains && parts.some(({ beneath }) => beneath));
}
