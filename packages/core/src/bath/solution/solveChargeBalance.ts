import { CARBONIC_SYSTEM_ID } from '@feverfew/knowledge';
import { requireWithin } from '../../quantity/domainError.js';
import { debyeHuckelAt, pKwAt, SOLUTION_C } from './constantsAt.js';

/** One acid–base system dissolved: charge of its most protonated species, pKa at zero ionic strength, total. */
export interface DissolvedSystem {
  readonly id: string;
  readonly topCharge: number;
  readonly pKas: readonly number[];
  readonly molPerL: number;
}

/**
 * What may leave the water: carbon dioxide above what stays dissolved, and calcium as carbonate above what its
 * solubility lets stay. The calcium's charge is in the strong charge.
 */
export interface Leaving {
  readonly calciumMolPerL: number;
  /** −log₁₀ of the solubility product of calcium carbonate, at zero ionic strength. */
  readonly pKsp: number;
  /** Most carbon dioxide that stays dissolved, mol/L; infinite = none leaves. */
  readonly mostGasMolPerL: number;
}
const NOTHING_LEAVES: Leaving = {
  calciumMolPerL: 0,
  pKsp: 8.48,
  mostGasMolPerL: Number.POSITIVE_INFINITY,
};

export interface Speciation {
  readonly pH: number;
  /** mol/L */
  readonly ionicStrength: number;
  /** Charge left over, mol/L; a solved bath stays below 1e-9. */
  readonly residual: number;
  /** mol/L of each species per system, most protonated first. */
  readonly species: ReadonlyMap<string, readonly number[]>;
}

/** Totals a household can pour, mol/L. */
const MAX_MOL_PER_L = 30;
/** Beyond this the Davies equation turns round; its value here is kept. */
const DAVIES_MOST_I = 1;
/** Where a search for the pH stops looking. */
const LOWEST_PH = -3;
const HIGHEST_PH = 17;

/**
 * pH of weak acids and bases by charge balance: Σ zᵢ·cᵢ + [strong cations] + [H⁺] − [OH⁻] = 0, with activities by
 * Davies
 * (log γ = −A·z²·(√I/(1+√I) − 0.3·I)) found together with the ionic strength. pH is −log a(H⁺). What may leave is at
 * equilibrium with what stays, so that more acid can only lower the pH.
 * @param systems totals 0–30 mol/L
 * @param strongMolPerL net charge of ions that neither take nor give protons (sodium less chloride …), mol/L
 * @param tempC within SOLUTION_C
 * @returns firm up to I = 0.5 mol/L, rough beyond
 * @throws DomainError outOfRange
 */
export function solveChargeBalance(
  systems: readonly DissolvedSystem[],
  strongMolPerL: number,
  tempC: number,
  leaving: Leaving = NOTHING_LEAVES,
): Speciation {
  requireWithin('tempC', tempC, SOLUTION_C.min, SOLUTION_C.max);
  requireWithin('strongMolPerL', strongMolPerL, -MAX_MOL_PER_L, 4 * MAX_MOL_PER_L);
  for (const { id, molPerL } of systems) requireWithin(`molPerL of ${id}`, molPerL, 0, MAX_MOL_PER_L);
  const A = debyeHuckelAt(tempC);
  const kw = 10 ** -pKwAt(tempC);
  let I = 0.01;
  let pH = 7;
  const bathAt = (strength: number) =>
    conditional(systems, strongMolPerL, kw, gammasAt(A, strength), leaving);
  let bath = bathAt(I);
  for (let round = 0; round < 60; round += 1) {
    pH = findPH(bath, pH, ROUGH);
    const next = ionicStrengthOf(bath, pH);
    const change = Math.abs(next - I);
    // Damped after a while: at high strength the plain iteration swings.
    I = round < 8 ? next : (I + next) / 2;
    bath = bathAt(I);
    if (change < 1e-9 + 1e-6 * I) break;
  }
  pH = findPH(bath, pH, FINE);
  return {
    pH,
    ionicStrength: I,
    residual: chargeAt(bath, pH),
    species: new Map(
      systems.map((system, index) => [
        system.id,
        speciesOf(dissolvedAt(bath.systems[index] ?? NOTHING, bath, 10 ** -pH).system, 10 ** -pH),
      ]),
    ),
  };
}

/** A system with constants for concentrations at the activity of H⁺: K′ = K·γ(with)/γ(without). */
interface Conditional {
  readonly isCarbonic: boolean;
  readonly topCharge: number;
  readonly molPerL: number;
  readonly ks: readonly number[];
}
interface Bath {
  readonly systems: readonly Conditional[];
  readonly strong: number;
  readonly gamma: number;
  readonly kw: number;
  readonly calciumMolPerL: number;
  /** Solubility product for concentrations, (mol/L)². */
  readonly ksp: number;
  readonly mostGasMolPerL: number;
}
const NOTHING: Conditional = { isCarbonic: false, topCharge: 0, molPerL: 0, ks: [] };

function conditional(
  systems: readonly DissolvedSystem[],
  strong: number,
  kw: number,
  gammas: readonly number[],
  { calciumMolPerL, pKsp, mostGasMolPerL }: Leaving,
): Bath {
  return {
    strong,
    kw,
    gamma: gammaOf(gammas, 1),
    calciumMolPerL,
    ksp: 10 ** -pKsp / gammaOf(gammas, 2) ** 2,
    mostGasMolPerL,
    systems: systems.map(({ id, topCharge, molPerL, pKas }) => ({
      isCarbonic: id === CARBONIC_SYSTEM_ID,
      topCharge,
      molPerL,
      ks: pKas.map(
        (pKa, step) =>
          (10 ** -pKa * gammaOf(gammas, topCharge - step)) / gammaOf(gammas, topCharge - step - 1),
      ),
    })),
  };
}

/** Activity coefficients by the size of the charge, 0–3. */
function gammasAt(A: number, I: number): readonly number[] {
  const i = Math.min(I, DAVIES_MOST_I);
  const root = Math.sqrt(i);
  const base = -A * (root / (1 + root) - 0.3 * i);
  return [1, 10 ** base, 10 ** (4 * base), 10 ** (9 * base)];
}

const gammaOf = (gammas: readonly number[], charge: number): number => gammas[Math.abs(charge)] ?? 1;

/** Concentrations of a system's species, most protonated first. */
function speciesOf({ molPerL, ks }: Conditional, aH: number): number[] {
  const weights = [1];
  for (const [step, k] of ks.entries()) weights.push(((weights[step] ?? 1) * k) / aH);
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return weights.map((weight) => (molPerL * weight) / sum);
}

/** Σ over species of charge^power × concentration, without the lists: this is the inner loop. */
function moment({ topCharge, molPerL, ks }: Conditional, aH: number, power: 1 | 2): number {
  let weight = 1;
  let sum = 1;
  let charged = power === 1 ? topCharge : topCharge * topCharge;
  for (let step = 0; step < ks.length; step += 1) {
    weight *= (ks[step] ?? 0) / aH;
    sum += weight;
    const charge = topCharge - step - 1;
    charged += weight * (power === 1 ? charge : charge * charge);
  }
  return (molPerL * charged) / sum;
}

interface Stays {
  /** Carbonate in all its forms that is still dissolved, mol/L. */
  readonly carbonic: number;
  /** Calcium carbonate on the bottom, mol/L. */
  readonly fallenOut: number;
}

/** What of the carbonate stays dissolved at a pH: gas leaves first, lime falls out of the rest. */
function staysAt({ molPerL, ks: [k1 = 0, k2 = 0] }: Conditional, bath: Bath, aH: number): Stays {
  const weights = 1 + k1 / aH + (k1 * k2) / (aH * aH);
  const asCarbonate = (k1 * k2) / (aH * aH) / weights;
  const { calciumMolPerL: calcium, ksp, mostGasMolPerL } = bath;
  const mostDissolved = mostGasMolPerL * weights;
  const afterGas = Math.min(molPerL, mostDissolved);
  if (calcium === 0 || calcium * afterGas * asCarbonate <= ksp) return { carbonic: afterGas, fallenOut: 0 };
  // (calcium − x)·(carbonate − x·share) = ksp, all carbonate still there; the smaller root.
  const sum = calcium + molPerL;
  const x = (sum - Math.sqrt((calcium - molPerL) ** 2 + (4 * ksp) / asCarbonate)) / 2;
  if (molPerL - x <= mostDissolved) return { carbonic: molPerL - x, fallenOut: Math.max(0, x) };
  // Gas leaves as well: what stays of the carbonate is set by the gas, and it sets the calcium.
  return {
    carbonic: mostDissolved,
    fallenOut: Math.max(0, calcium - ksp / (mostDissolved * asCarbonate)),
  };
}

function dissolvedAt(
  system: Conditional,
  bath: Bath,
  aH: number,
): { system: Conditional; fallenOut: number } {
  if (!system.isCarbonic || (bath.calciumMolPerL === 0 && bath.mostGasMolPerL === Number.POSITIVE_INFINITY))
    return { system, fallenOut: 0 };
  const { carbonic, fallenOut } = staysAt(system, bath, aH);
  return { system: { ...system, molPerL: carbonic }, fallenOut };
}

function chargeAt(bath: Bath, pH: number): number {
  const aH = 10 ** -pH;
  let charge = bath.strong + (aH - bath.kw / aH) / bath.gamma;
  for (const one of bath.systems) {
    const { system, fallenOut } = dissolvedAt(one, bath, aH);
    charge += moment(system, aH, 1) - 2 * fallenOut;
  }
  return charge;
}

function ionicStrengthOf(bath: Bath, pH: number): number {
  const aH = 10 ** -pH;
  let sum = Math.abs(bath.strong) + (aH + bath.kw / aH) / bath.gamma;
  for (const one of bath.systems) {
    const { system, fallenOut } = dissolvedAt(one, bath, aH);
    sum += moment(system, aH, 2) - 2 * fallenOut;
  }
  return sum / 2;
}

/** Charge, mol/L, that is near enough: while the activities are still moving, and at the end. */
const ROUGH = 1e-8;
const FINE = 1e-14;

/** Root of the charge balance, which only falls as pH rises: false position with halving, inside a bracket. */
function findPH(bath: Bath, guess: number, enough: number): number {
  let low = guess - 0.2;
  let high = guess + 0.2;
  let atLow = chargeAt(bath, low);
  while (atLow < 0 && low > LOWEST_PH) {
    low -= 1;
    atLow = chargeAt(bath, low);
  }
  let atHigh = chargeAt(bath, high);
  while (atHigh > 0 && high < HIGHEST_PH) {
    high += 1;
    atHigh = chargeAt(bath, high);
  }
  for (let round = 0; round < 120; round += 1) {
    const span = atLow - atHigh;
    const middle = round % 3 === 2 || !(span > 0) ? (low + high) / 2 : low + ((high - low) * atLow) / span;
    const index = chargeAt(bath, middle);
    if (Math.abs(index) < enough || high - low < 1e-13) return middle;
    if (index > 0) {
      low = middle;
      atLow = index;
    } else {
      high = middle;
      atHigh = index;
    }
  }
  return (low + high) / 2;
}
