import type { Knowledge } from '@feverfew/knowledge';
import { findSenseFaults } from '../sense/findSenseFaults.js';
import { SENSE_KINDS, type SenseKind } from '../sense/senseFault.js';
import { planTreatment } from '../treatment/planTreatment.js';
import type { Lexicon } from '../words/lexicon.js';
import { shownText } from '../words/roundWords.js';
import type { Sweep } from './sweepCase.js';

/** Plans with a fault of one kind, and the first of them to look at. */
export interface SenseCount {
  readonly plans: number;
  readonly first: { readonly number: number; readonly where: string; readonly text: string } | null;
}

export interface SenseResult {
  readonly plans: number;
  /** Plans with one fault or more. */
  readonly faulty: number;
  readonly byKind: Readonly<Record<SenseKind, SenseCount>>;
}

/**
 * Reads the plans of a range of cases for sense.
 * @param from number of the first case
 * @param to number after the last case
 * @returns each plan counted once in each kind it has
 */
export function senseRange(sweep: Sweep, from: number, to: number, knowledge: Knowledge): SenseResult {
  const say = plainLexicon(knowledge);
  const byKind = Object.fromEntries(
    SENSE_KINDS.map((kind): [SenseKind, SenseCount] => [kind, { plans: 0, first: null }]),
  ) as Record<SenseKind, SenseCount>;
  let faulty = 0;
  for (let number = from; number < to; number += 1) {
    const { facts, household } = sweep.caseAt(number);
    const plan = planTreatment(facts, household, knowledge);
    const faults = findSenseFaults(plan, shownText(plan, say), household, knowledge);
    if (faults.length > 0) faulty += 1;
    for (const kind of new Set(faults.map((fault) => fault.kind))) {
      const { plans, first } = byKind[kind];
      const example = faults.find((fault) => fault.kind === kind);
      byKind[kind] = {
        plans: plans + 1,
        first: first ?? (example ? { number, where: example.where, text: example.text } : null),
      };
    }
  }
  return { plans: to - from, faulty, byKind };
}

/** Names of the knowledge, in °C and mL. */
function plainLexicon(knowledge: Knowledge): Lexicon {
  const all = [knowledge.agents, knowledge.methods, knowledge.marks, knowledge.components, knowledge.fibres];
  const names = new Map(all.flatMap((entries) => entries.map(({ id, name }) => [id, name] as const)));
  return {
    name: (id) => names.get(id) ?? id,
    temp: (tempC) => `${tempC} °C`,
    volume: (volumeML) => `${volumeML} mL`,
  };
}
