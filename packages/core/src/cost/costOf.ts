import { WATER_ID } from '@feverfew/knowledge';
import { type Action, runsInDrum } from '../treatment/plan/action.js';
import type { Pass } from '../treatment/plan/pass.js';

/** Prices here, in the household's own money; null = not given. */
export interface Prices {
  /** Sign or word of the money, shown as written. */
  readonly money: string;
  /** Per kg of what is weighed, per L of what is measured. */
  readonly agents: Readonly<Record<string, number>>;
  readonly kWh: number | null;
  readonly waterM3: number | null;
  /** What an hour of the person's own time counts; null leaves it out. */
  readonly hour: number | null;
  /** What a professional asks for a piece, as far as known. */
  readonly professional: number | null;
}

export const NO_PRICES: Prices = {
  money: '',
  agents: {},
  kWh: null,
  waterM3: null,
  hour: null,
  professional: null,
};

/** A sum, and whether something in it had no price: then it is at least this. */
export interface Cost {
  readonly amount: number;
  readonly isAtLeast: boolean;
  /** Nothing at all had a price. */
  readonly isUnknown: boolean;
}

/** A machine wash: energy at 40 °C and water. From memory: 0.5 kWh, 50 L. */
const WASH_KWH = 0.5;
const WASH_L = 50;
/** One change of rinse water where no bath says how much. From memory. */
const RINSE_L = 8;

/** Cost of one round of a pass: agents, heat, water, and time where the household counts it. */
export function costOf(pass: Pick<Pass, 'actions' | 'handsOnMin'>, prices: Prices): Cost {
  const parts = [
    ...pass.actions.flatMap((action) => actionCosts(action, prices)),
    ...(prices.hour === null ? [] : [(pass.handsOnMin / 60) * prices.hour]),
  ];
  const known = parts.filter((part): part is number => part !== null);
  return {
    amount: known.reduce((sum, part) => sum + part, 0),
    isAtLeast: known.length < parts.length,
    isUnknown: known.length === 0,
  };
}

/** All of them together; what has no price makes the sum a least one. */
export const sumOfCosts = (costs: readonly Cost[]): Cost => ({
  amount: costs.reduce((sum, { amount }) => sum + amount, 0),
  isAtLeast: costs.some(({ isAtLeast, isUnknown }) => isAtLeast || isUnknown),
  isUnknown: costs.every(({ isUnknown }) => isUnknown),
});

/** Each part of a step that costs something; null if its price is not given. */
function actionCosts(action: Action, { agents, kWh, waterM3 }: Prices): (number | null)[] {
  const times = action.batches;
  const inDrum = runsInDrum(action);
  const litres = inDrum ? WASH_L : ((action.bath?.waterL ?? 0) + (action.rinses ?? 0) * RINSE_L) * times;
  const energy = inDrum ? WASH_KWH : (action.outlook?.energyKWh ?? 0) * times;
  return [
    ...action.ingredients
      .filter((one) => one.agentId !== WATER_ID)
      .map((one) => {
        const price = agents[one.agentId];
        const amount = one.massG ?? one.volumeML;
        return price === undefined || amount === null ? null : (amount / 1000) * price * times;
      }),
    ...(litres > 0 ? [waterM3 === null ? null : (litres / 1000) * waterM3] : []),
    ...(energy > 0 ? [kWh === null ? null : energy * kWh] : []),
  ];
}

/**
 * Tries after which trying has cost as much as a new piece: whole number, at least 1.
 * @returns null where either is not known, or trying costs nothing
 * @example breakEvenTries({ amount: 3, isAtLeast: false, isUnknown: false }, 10) // 3
 */
export function breakEvenTries(perTry: Cost, replacement: number | null): number | null {
  if (replacement === null || perTry.isUnknown || !(perTry.amount > 0)) return null;
  return Math.max(1, Math.floor(replacement / perTry.amount));
}
