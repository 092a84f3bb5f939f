import type { AcidSystem, Agent, Knowledge, Substance } from '@feverfew/knowledge';
import { pKasAt } from './constantsAt.js';

/** Agents, substances and acid systems by id, built once for each body of knowledge. */
export interface ChemistryIndex {
  readonly agentOf: (agentId: string) => Agent;
  readonly substanceOf: (substanceId: string) => Substance;
  readonly systemOf: (systemId: string) => AcidSystem;
  /** pKa of a system's steps at a temperature. */
  readonly pKasOf: (systemId: string, tempC: number) => readonly number[];
}

const shelves = new WeakMap<Knowledge, ChemistryIndex>();

export function chemistryIndex(knowledge: Knowledge): ChemistryIndex {
  const known = shelves.get(knowledge);
  if (known) return known;
  const systemOf = finder(knowledge.acidSystems);
  const pKas = new Map<string, readonly number[]>();
  const index: ChemistryIndex = {
    agentOf: finder(knowledge.agents),
    substanceOf: finder(knowledge.substances),
    systemOf,
    pKasOf: (systemId, tempC) => {
      const key = `${systemId} ${tempC}`;
      const pKasHere = pKas.get(key) ?? pKasAt(systemOf(systemId), tempC);
      // Free temperatures come from sliders: the memory is kept small.
      if (pKas.size < 2000) pKas.set(key, pKasHere);
      return pKasHere;
    },
  };
  shelves.set(knowledge, index);
  return index;
}

/** @throws Error for an id the knowledge does not hold: its integrity is checked at load. */
function finder<T extends { readonly id: string }>(family: readonly T[]): (id: string) => T {
  const byId = new Map(family.map((record) => [record.id, record]));
  return (id) => {
    const record = byId.get(id);
    if (!record) throw new Error(`no record ${id}`);
    return record;
  };
}
