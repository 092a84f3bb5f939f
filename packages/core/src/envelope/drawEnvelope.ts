import { CHEMISTRIES, DRYING_WAYS, MECHANICAL_ACTIONS, PROGRAMMES, WETTINGS } from '@feverfew/knowledge';
import type { ChemistryWindow, Envelope } from './envelope.js';
import type { ChemistryBounds, ChemistryLimit, Limit } from './limit.js';

/** Widest bath there is before any fact: °C and pH. */
export const OPEN_TEMP_C = 95;
export const OPEN_PH = { min: 1.5, spotMin: 1, max: 12 } as const;

const VERDICT_RANK = { never: 0, limited: 1, test: 2 } as const;

/** The tightest of all limits, quantity by quantity. Adding a limit can only narrow the result. */
export function drawEnvelope(limits: readonly Limit[]): Envelope {
  const groups = groupBy(limits, (limit) => limit.quantity);
  const of = <Q extends Limit['quantity']>(quantity: Q) =>
    (groups.get(quantity) ?? []) as Extract<Limit, { quantity: Q }>[];
  const byChemistry = groupBy(of('chemistry'), (limit) => limit.chemistry);
  const tightestOf = <T, L extends { most: T }>(order: readonly T[], owned: readonly L[], open: T) => {
    const sorted = [...owned].sort((a, b) => order.indexOf(a.most) - order.indexOf(b.most));
    return { most: sorted[0]?.most ?? open, limits: sorted };
  };
  const byHeat = [...of('tempC')].sort((a, b) => a.maxC - b.maxC);
  const temps = byHeat.filter((limit) => limit.soakOverMin === undefined);
  const maxC = Math.min(OPEN_TEMP_C, ...temps.map((limit) => limit.maxC));
  const longSoak = byHeat.find((limit) => limit.soakOverMin !== undefined && limit.maxC < maxC);
  const pHs = of('pH');
  return {
    tempC: { max: maxC, limits: temps, ...(longSoak ? { longSoak } : {}) },
    pH: {
      min: Math.max(OPEN_PH.min, ...pHs.map((limit) => limit.min)),
      max: Math.min(OPEN_PH.max, ...pHs.map((limit) => limit.max)),
      weakAcidBrieflyMin: Math.max(OPEN_PH.min, ...pHs.map((limit) => limit.weakAcidBrieflyMin)),
      spotAcidMin: Math.max(
        OPEN_PH.spotMin,
        ...pHs.map((limit) => limit.spotAcidMin ?? limit.weakAcidBrieflyMin),
      ),
      oxygenMax: Math.min(OPEN_PH.max, ...pHs.map((limit) => limit.oxygenMax ?? limit.max)),
      limits: [...pHs].sort((a, b) => a.max - b.max),
    },
    wetting: tightestOf(WETTINGS, of('wetting'), 'immersion'),
    action: tightestOf(MECHANICAL_ACTIONS, of('action'), 'firmBrush'),
    programme: tightestOf(PROGRAMMES, of('programme'), 'normal'),
    chemistry: CHEMISTRIES.map((chemistry) => chemistryWindow(chemistry, byChemistry.get(chemistry) ?? [])),
    drying: DRYING_WAYS.map((way) => {
      const against = of('drying').filter((limit) => limit.forbids === way);
      return { way, allowed: against.length === 0, limits: against };
    }),
  };
}

function groupBy<T, K>(records: readonly T[], keyOf: (record: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const record of records) {
    const group = groups.get(keyOf(record));
    if (group) group.push(record);
    else groups.set(keyOf(record), [record]);
  }
  return groups;
}

function chemistryWindow(
  chemistry: ChemistryWindow['chemistry'],
  owned: readonly ChemistryLimit[],
): ChemistryWindow {
  if (owned.length === 0) return { chemistry, verdict: 'allowed', bounds: {}, limits: [] };
  const limits = [...owned].sort((a, b) => VERDICT_RANK[a.verdict] - VERDICT_RANK[b.verdict]);
  return { chemistry, verdict: limits[0]?.verdict ?? 'allowed', bounds: tightestBounds(limits), limits };
}

const BOUNDS = ['maxTempC', 'maxDwellMin', 'maxRounds'] as const;

function tightestBounds(limits: readonly ChemistryLimit[]): ChemistryBounds {
  const bounds: { -readonly [key in keyof ChemistryBounds]: ChemistryBounds[key] } = {};
  for (const key of BOUNDS)
    for (const { bounds: own } of limits) {
      const value = own[key];
      if (value !== undefined) bounds[key] = Math.min(value, bounds[key] ?? value);
    }
  return bounds;
}
