import {
  ASSUMED_SIZE,
  BATH_BANDS,
  BATH_L_PER_KG,
  DRUM_BANDS,
  MAX_ON_A_HAND,
  MAX_SOLVENT_A_DAY_ML,
  MIN_WORTH_ML,
  SAID_IN_DROPS_ML,
  SIZE_CM,
  SPOT_BANDS,
  SURFACE_BANDS,
  SURFACE_FIELD,
  THINNED_BAND,
  WORKED_EDGE_CM,
} from '@feverfew/knowledge';
import type { Ingredient } from '../treatment/plan/recipe.js';
import type { SenseCase, SenseStep } from './senseCase.js';
import type { SenseFault } from './senseFault.js';
import { surfaceKindOf } from './surfaceKind.js';

const PALM_CM2 = 64;
/** A tenth past a band still counts: a hand pours no more exactly. */
const TOLERANCE = 0.1;

interface Band {
  readonly least: number;
  readonly most: number;
}

/** @returns the sides of the mark, cm; null where it is all over */
function sidesOf({ plan: { facts } }: SenseCase): { readonly length: number; readonly width: number } | null {
  if (typeof facts.size !== 'string') return facts.size;
  if (facts.size === 'allOver') return null;
  return SIZE_CM[facts.size === 'unknown' ? ASSUMED_SIZE : facts.size];
}

/** @returns palms that are worked for a mark with so much of an edge; null where it is all over */
function workedPalms(known: SenseCase, edgeCm: number): number | null {
  const sides = sidesOf(known);
  return sides && ((sides.length + 2 * edgeCm) * (sides.width + 2 * edgeCm)) / PALM_CM2;
}

const bareCm2 = (known: SenseCase): number | null => {
  const sides = sidesOf(known);
  return sides && sides.length * sides.width;
};

const isOutside = (amount: number, { least, most }: Band): boolean =>
  amount < least * (1 - TOLERANCE) || amount > most * (1 + TOLERANCE);

const figure = (amount: number): string => amount.toFixed(amount < 10 ? 1 : 0);

interface Outside {
  readonly what: string;
  readonly amount: number;
  readonly band: Band;
}

const asFault = (where: string, { what, amount, band }: Outside): SenseFault => ({
  kind: 'amountOutside',
  where,
  text: `${what}: ${figure(amount)}, usual ${figure(band.least)} to ${figure(band.most)}`,
});

/** Amounts outside the bands of common practice: per palm, per litre, in the drum, on a surface, in a round. */
export function findAmountsOutside(known: SenseCase): SenseFault[] {
  const perStep = known.steps.flatMap((step) =>
    outsideOf(step, known)
      .filter(({ amount, band }) => isOutside(amount, band))
      .map((one) => asFault(step.id, one)),
  );
  return [...perStep, ...findRoundsOutside(known)];
}

function outsideOf(step: SenseStep, known: SenseCase): Outside[] {
  if (step.bathL !== null && step.bathL > 0) return [...inBath(step), ...litresOf(step, known)];
  if (step.method.inMachine) return inDrum(step);
  if (step.method.wetting === 'immersion' || step.pours.length === 0) return [];
  return [...powdersOn(step, known), ...liquidsOn(step, known)];
}

const isPowder = ({ agents }: SenseStep, agentId: string): boolean =>
  agents.find(({ id }) => id === agentId)?.form === 'powder';

/** What a band counts: a powder by its weight, a liquid by its volume. */
const amountOf = (step: SenseStep, { agentId, massG, volumeML }: Ingredient): number | null =>
  isPowder(step, agentId) ? massG : (volumeML ?? massG);

const inBath = (step: SenseStep): Outside[] =>
  step.pours.flatMap((pour): Outside[] => {
    const band = BATH_BANDS[pour.agentId];
    const amount = amountOf(step, pour);
    if (!band || amount === null || step.bathL === null) return [];
    return [
      {
        what: `${pour.agentId} per litre`,
        amount: amount / step.bathL,
        band: { least: band[0], most: band[1] },
      },
    ];
  });

function litresOf({ bathL, pass }: SenseStep, { plan, item }: SenseCase): Outside[] {
  const each = plan.facts.piece.dryMassG ?? item?.dryMassG ?? null;
  const massG = each && each * (plan.facts.pieces ?? 1);
  if (massG === null || bathL === null || massG < BATH_L_PER_KG.smallPieceG || item?.surfaceOnly) return [];
  const batches = Math.max(1, ...pass.actions.map((action) => action.batches));
  const { least, most } = BATH_L_PER_KG;
  return [{ what: 'litres per kilogram', amount: (bathL * batches * 1000) / massG, band: { least, most } }];
}

const inDrum = (step: SenseStep): Outside[] =>
  step.pours.flatMap((pour): Outside[] => {
    const band = DRUM_BANDS[pour.agentId];
    const amount = amountOf(step, pour);
    return band && amount !== null
      ? [{ what: `${pour.agentId} in the drum`, amount, band: { least: band[0], most: band[1] } }]
      : [];
  });

function powdersOn(step: SenseStep, known: SenseCase): Outside[] {
  const bare = bareCm2(known);
  return step.pours.flatMap((pour): Outside[] => {
    const band = SPOT_BANDS[pour.agentId];
    if (!band || bare === null || !isPowder(step, pour.agentId)) return [];
    const palms = workedPalms(known, band.edgeCm);
    const amount = band.unit === 'g' ? pour.massG : pour.volumeML;
    const isThinned = step.waterML > 5 * (pour.volumeML ?? 0);
    if (palms === null || amount === null || isThinned) return [];
    // Of a paste there is as much as the liquid allows that the piece bears in a round.
    const isCapped = surfaceKindOf(known) !== null || step.pass.between.way === 'damp';
    const isPaste = isCapped && liquidOf(step) > 0;
    const isFree = bare > MAX_ON_A_HAND.areaCm2 || known.plan.facts.size === 'unknown' || isPaste;
    const least = isFree ? 0 : band.least * palms;
    const most = Math.max(band.most * palms, MIN_WORTH_ML.powder);
    return [{ what: `${pour.agentId} on ${figure(palms)} palms`, amount, band: { least, most } }];
  });
}

/** Liquids on a mark: on a surface all of them, thinned the mixture, neat each product. */
function liquidsOn(step: SenseStep, known: SenseCase): Outside[] {
  const liquidML = liquidOf(step);
  if (liquidML <= 0) return [];
  const surface = surfaceKindOf(known);
  if (surface) {
    const palms = workedPalms(known, WORKED_EDGE_CM.surface);
    if (palms === null) return [];
    const { goML, coinML } = SURFACE_BANDS[surface];
    const isField = palms <= SURFACE_FIELD.palms;
    const wipedML = isField || goML === 0 ? 0 : SURFACE_FIELD.wipedML * palms;
    const most = Math.max(goML * Math.min(palms, SURFACE_FIELD.palms), wipedML, coinML);
    const isFree = known.plan.facts.size === 'unknown' || !isField || goML === 0 || step.waterML === 0;
    const least = isFree ? 0 : SURFACE_FIELD.leastML * palms;
    return [
      { what: `liquid on ${figure(palms)} palms (${surface})`, amount: liquidML, band: { least, most } },
    ];
  }
  // A cup to dip a place into is not what the cloth drinks.
  if (step.method.spotKind === 'dip') return [];
  if (step.method.throughRinse || step.pours.every(({ agentId }) => !SPOT_BANDS[agentId])) return [];
  if (step.waterML > 0) return onPalms('mixture', liquidML, THINNED_BAND, step, known);
  return step.pours.flatMap((pour) => {
    const band = SPOT_BANDS[pour.agentId];
    return band && !isPowder(step, pour.agentId) && pour.volumeML !== null
      ? onPalms(pour.agentId, putOnOf(step) ?? cutDownML(pour), band, step, known)
      : [];
  });
}

/** Liquid of one go: what is put on of a mix, or all of it. */
const liquidOf = (step: SenseStep): number => putOnOf(step) ?? mixedOf(step);

const putOnOf = (step: SenseStep): number | undefined =>
  step.pass.actions.find(({ kind, putOn }) => kind === 'apply' && putOn)?.putOn?.volumeML;

const mixedOf = (step: SenseStep): number =>
  step.waterML +
  step.pours.reduce((sum, pour) => sum + (isPowder(step, pour.agentId) ? 0 : cutDownML(pour)), 0);

/** A product as it is put on: a strong bottle with the water that cuts it down. */
const cutDownML = ({ volumeML, dilution }: Ingredient): number => (volumeML ?? 0) + (dilution?.waterML ?? 0);

function onPalms(
  what: string,
  amount: number,
  { edgeCm, least, most }: (typeof SPOT_BANDS)[string],
  step: SenseStep,
  known: SenseCase,
): Outside[] {
  const edge = step.method.wetting === 'surface' ? WORKED_EDGE_CM.surface : edgeCm;
  const palms = workedPalms(known, edge);
  const inner = workedPalms(known, Math.min(edge, WORKED_EDGE_CM.thin));
  const bare = bareCm2(known);
  if (palms === null || inner === null || bare === null) return [];
  const byArea = Math.max(most * palms, MIN_WORTH_ML.liquid);
  const onHand = bare <= MAX_ON_A_HAND.areaCm2 ? Math.min(byArea, MAX_ON_A_HAND.liquidML) : byArea;
  const band = { least: known.plan.facts.size === 'unknown' ? 0 : least * inner, most: onHand };
  return [{ what: `${what} on ${figure(palms)} palms`, amount, band }];
}

/** What a round brings in all: liquid on a surface, a solvent, all solvents. */
function findRoundsOutside(known: SenseCase): SenseFault[] {
  const { plan, steps } = known;
  return plan.rounds.flatMap(({ id }, at): SenseFault[] => {
    const ofRound = steps.filter(({ round }) => round === at + 1);
    const pours = ofRound.flatMap((step) => step.pours.map((pour) => ({ pour, step })));
    const poured = (counts: (step: SenseStep, agentId: string) => boolean): number =>
      pours.reduce((sum, { pour, step }) => sum + (counts(step, pour.agentId) ? (pour.volumeML ?? 0) : 0), 0);
    const capped = known.knowledge.agents.filter(({ mostMLPerRound }) => mostMLPerRound !== null);
    const solvents = new Set(capped.map((agent) => agent.id));
    const sums = [
      ...capped.map((agent) => ({
        what: `${agent.id} in a round`,
        amount: poured((_, agentId) => agentId === agent.id),
        most: agent.mostMLPerRound ?? 0,
      })),
      {
        what: 'solvents in a round',
        amount: poured((_, agentId) => solvents.has(agentId)),
        most: MAX_SOLVENT_A_DAY_ML,
      },
      ...liquidOfRound(ofRound, known),
    ];
    return sums
      .map(({ what, amount, most }) => ({ what, amount, band: { least: 0, most } }))
      .filter(({ amount, band }) => isOutside(amount, band))
      .map((one) => asFault(id, one));
  });
}

function liquidOfRound(steps: readonly SenseStep[], known: SenseCase) {
  const surface = surfaceKindOf(known);
  const palms = workedPalms(known, WORKED_EDGE_CM.surface);
  if (!surface || palms === null) return [];
  const { goML, roundML, coinML } = SURFACE_BANDS[surface];
  const field = roundML * Math.min(palms, SURFACE_FIELD.palms);
  const wipedML = palms > SURFACE_FIELD.palms && goML > 0 ? 2 * SURFACE_FIELD.wipedML * palms : 0;
  const most = Math.max(
    surface === 'padded' ? Math.min(field, SURFACE_FIELD.paddedRoundML) : field,
    wipedML,
    2 * coinML,
  );
  const amount = steps
    .filter(({ bathL, method, pours }) => bathL === null && !method.inMachine && pours.length > 0)
    .reduce((sum, step) => sum + liquidOf(step), 0);
  return [{ what: `liquid in a round (${surface})`, amount, most }];
}

/** Above this water is no longer cold to the hand, °C. */
const COLD_C = 25;
const DROPS = /(?<!\d )\b(a few |some )?drops\b/i;
const NOT_A_DOSE = /drop by drop|water drop|a drop (that|still|of water)|in drops/i;

/** Amounts and temperatures whose own words say otherwise: "a few drops" and a tablespoon, "cold" and 40 °C. */
export const findAmountsAgainstWords = ({ steps, shown }: SenseCase): SenseFault[] =>
  steps.flatMap((step): SenseFault[] => {
    const of = (part: string) =>
      shown.lines.filter((line) => line.where === step.id && line.part === part).map(({ text }) => text);
    const recipe = of('recipe').join(' ');
    const how = of('step').join(' ');
    const saidC = /\bcold\b/.test(recipe) ? 'cold' : (/ at (\d+) °C/.exec(recipe)?.[1] ?? null);
    const isOther =
      saidC !== null &&
      step.tempC !== null &&
      (saidC === 'cold' ? step.tempC > COLD_C : Math.abs(Number(saidC) - step.tempC) > 2);
    const mostML = Math.max(0, ...step.pours.map(({ volumeML }) => volumeML ?? 0));
    const isMuch = DROPS.test(how) && !NOT_A_DOSE.test(how) && mostML > SAID_IN_DROPS_ML * (1 + TOLERANCE);
    return [
      ...(isOther ? [{ kind: 'amountAgainstWords' as const, where: step.id, text: recipe }] : []),
      ...(isMuch
        ? [{ kind: 'amountAgainstWords' as const, where: step.id, text: `${figure(mostML)} mL: ${how}` }]
        : []),
    ];
  });
