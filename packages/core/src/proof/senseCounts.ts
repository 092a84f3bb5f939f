import type { Knowledge } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import { findSenseFaults } from '../sense/findSenseFaults.js';
import { SENSE_KINDS, type SenseKind } from '../sense/senseFault.js';
import type { planTreatment } from '../treatment/planTreatment.js';
import { shownText } from '../words/planLines.js';
import { metricLexicon } from '../words/round/metricLexicon.js';

/** Plans with a fault of one kind, and the first of them to look at. */
interface SenseCount {
  readonly plans: number;
  readonly first: { readonly number: number; readonly where: string; readonly text: string } | null;
}

/** What the reader of sense found in a range of plans. */
export interface SenseCounts {
  /** Plans with one fault or more. */
  readonly faulty: number;
  /** Each plan counts once in each kind it has. */
  readonly byKind: Readonly<Record<SenseKind, SenseCount>>;
}

/**
 * @returns `add`, which reads one more plan under its number, and `counts` of all that were read
 */
export function countSense(knowledge: Knowledge) {
  const say = metricLexicon(knowledge);
  const byKind = Object.fromEntries(
    SENSE_KINDS.map((kind): [SenseKind, SenseCount] => [kind, { plans: 0, first: null }]),
  ) as Record<SenseKind, SenseCount>;
  let faulty = 0;
  return {
    add: (number: number, plan: ReturnType<typeof planTreatment>, household: Household): void => {
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
    },
    counts: (): SenseCounts => ({ faulty, byKind }),
  };
}
