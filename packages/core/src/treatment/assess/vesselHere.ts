import { type Method, SMALLEST_WARM_BATH_L, USABLE_FILL_SHARE, WARM_SOAK_MIN } from '@feverfew/knowledge';
import { freshBath, tempAfter } from '../../bath/heat/bathCooling.js';
import { selectVessel, type VesselChoice } from '../../bath/selectVessel.js';
import type { Vessel } from '../../household/household.js';
import { bathAskedFor, type PlanContext } from '../case/planContext.js';
import type { VesselView } from '../plan/round.js';

/**
 * The vessel a bath of this method is made in here: the one chosen for it; else, of those that are free
 * and suit, the one whose bath still works at the end of a long warm soak; else the smallest that holds it.
 */
export function vesselHere(method: Method, context: PlanContext): VesselChoice {
  const known = chosenHere.get(context) ?? new Map<Method, VesselChoice>();
  chosenHere.set(context, known);
  const before = known.get(method);
  if (before) return before;
  const made = chooseVessel(method, context);
  known.set(method, made);
  return made;
}

/** What was chosen in one plan: recipe, effect and judgement ask alike. */
const chosenHere = new WeakMap<PlanContext, Map<Method, VesselChoice>>();

function chooseVessel(method: Method, context: PlanContext): VesselChoice {
  const { household, choices, occupancy } = context;
  const asked = bathAskedFor(method, context);
  const chosen = household.vessels.filter(({ id }) => id === choices.vessels[method.id]);
  const own = chosen.length > 0 ? selectVessel(asked, chosen) : null;
  if (own?.kind === 'chosen') return own;
  const free = household.vessels.filter(({ id }) => (occupancy.vesselsFreeInMin[id] ?? 0) <= 0);
  const smallest = selectVessel(asked, free);
  const first = smallest.kind === 'chosen' ? smallest : selectVessel(asked, household.vessels);
  return first.kind === 'chosen' && staysWarm(method) ? warmest(method, first, free, context) : first;
}

/** Warmth and time do the work: a basin of two litres is cold long before it is over. */
const staysWarm = ({ tempC, dwellMin }: Method): boolean =>
  tempC.prefer === 'hottest' && dwellMin.min >= WARM_SOAK_MIN;

type Chosen = Extract<VesselChoice, { kind: 'chosen' }>;

function warmest(method: Method, first: Chosen, free: readonly Vessel[], context: PlanContext): Chosen {
  const wantedL = Math.max(first.bath.waterL, SMALLEST_WARM_BATH_L);
  const cloth = first.bath.fillL - first.bath.waterL;
  const candidates = free.flatMap((vessel): Chosen[] => {
    const own = selectVessel({ ...bathAskedFor(method, context), isDivisible: false }, [vessel]);
    if (own.kind !== 'chosen' || first.batches > 1) return [];
    const roomL = Math.floor((vessel.volumeL * USABLE_FILL_SHARE - cloth) * 2) / 2;
    const waterL = Math.max(first.bath.waterL, Math.min(wantedL, roomL));
    return [{ ...own, bath: { waterL, fillL: waterL + cloth } }];
  });
  const warmth = new Map(candidates.map((one) => [one, warmWork(method, one, context)]));
  return candidates.reduce(
    (best, one) => ((warmth.get(one) ?? 0) > (warmth.get(best) ?? 0) * WORTH_A_LARGER ? one : best),
    candidates.find(({ vessel }) => vessel.id === first.vessel.id) ?? first,
  );
}

/** So many times as much warm work is worth another tub, and its water. */
const WORTH_A_LARGER = 1.1;
/** Most baths work twice as fast ten degrees warmer. */
const DOUBLES_EVERY_K = 10;
const STEPS = 8;

/** What warmth is worth over the shortest time, up to a common factor: ∫ 2^(T/10) dt while it cools. */
function warmWork(method: Method, { vessel, bath }: Chosen, { household, dryMassG }: PlanContext): number {
  const { startC, roomC, tau } = freshBath(
    vessel,
    { waterL: bath.waterL, pouredC: method.tempC.max, textileKg: dryMassG / 1000 },
    household,
  );
  let sum = 0;
  for (let step = 0; step < STEPS; step += 1) {
    const minutes = ((step + 0.5) / STEPS) * method.dwellMin.min;
    sum += 2 ** (tempAfter(startC, roomC, tau.likely, minutes) / DOUBLES_EVERY_K);
  }
  return sum;
}

/** Every vessel of the house for a bath of this method; empty where no bath is made. */
export function vesselsBeside(method: Method, context: PlanContext): VesselView[] {
  if (method.liquorRatioLPerKg === null) return [];
  const chosen = vesselHere(method, context);
  const asked = bathAskedFor(method, context);
  return context.household.vessels.map((vessel): VesselView => {
    const own = selectVessel(asked, [vessel]);
    const freeInMin = Math.max(0, context.occupancy.vesselsFreeInMin[vessel.id] ?? 0);
    const is = chosen.kind === 'chosen' && chosen.vessel.id === vessel.id;
    const fits = freeInMin > 0 ? 'busy' : is ? 'chosen' : 'fits';
    const state = own.kind === 'chosen' ? fits : own.kind === 'tooSmall' ? 'tooSmall' : 'unsuited';
    return { vesselId: vessel.id, name: vessel.name, state, freeInMin };
  });
}
