import type { Knowledge } from '@feverfew/knowledge';
import { checkChange, checkFirstThings } from '../safety/checkAnswer.js';
import { checkPlan } from '../safety/checkPlan.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { EMPTY_PIECE, type TroubleFacts } from '../trouble/troubleFacts.js';
import { firstThings } from '../whatIf/firstThings.js';
import { whatWouldChange } from '../whatIf/whatWouldChange.js';
import type { Sweep } from './sweepCase.js';

export interface AnswerSweep {
  readonly answers: number;
  /** Plans read for "what would change". */
  readonly changes: number;
  /** What was found, by the part of the answer it was in and its code. */
  readonly dangers: Readonly<Record<string, number>>;
  readonly examples: readonly number[];
}

/** Methods that are asked about for each plan: more take seconds. */
const MAX_ASKED = 2;
const MAX_EXAMPLES = 20;

/**
 * Whole answers: plan, first seconds, what would change.
 * @param from first number of a case
 * @param to the number after the last
 */
export function sweepAnswers(sweep: Sweep, from: number, to: number, knowledge: Knowledge): AnswerSweep {
  const dangers: Record<string, number> = {};
  const examples: number[] = [];
  let changes = 0;
  for (let number = from; number < to; number += 1) {
    const { facts, household } = sweep.caseAt(number);
    const plan = planTreatment(facts, household, knowledge);
    const found = checkPlan(plan, household, knowledge).map(({ code }) => `plan: ${code}`);
    const untold: TroubleFacts = { ...facts, piece: { ...EMPTY_PIECE, itemId: null } };
    const { atOnce } = firstThings(untold, household, knowledge);
    for (const code of checkFirstThings(atOnce, { ...facts, piece: cottonShirt }, household, knowledge))
      found.push(`first seconds: ${code}`);
    const off = plan.candidates.filter(({ verdict }) => verdict !== 'inPlan' && verdict !== 'spare');
    for (let asked = 0; asked < Math.min(MAX_ASKED, off.length); asked += 1) {
      const methodId = off[(number * 7 + asked * 13) % off.length]?.methodId ?? '';
      for (const set of whatWouldChange(methodId, facts, household, knowledge)) {
        const given = set.reduce((state, change) => change.apply(state), { facts, household });
        const after = planTreatment(given.facts, given.household, knowledge);
        changes += 1;
        for (const code of checkChange(plan, after, given.household, knowledge))
          found.push(`what would change (${set.map(({ code: kind }) => kind).join()}): ${code}`);
      }
    }
    for (const one of found) dangers[one] = (dangers[one] ?? 0) + 1;
    if (found.length > 0 && examples.length < MAX_EXAMPLES) examples.push(number);
  }
  return { answers: to - from, changes, dangers, examples };
}

/** The piece the first seconds are checked on, for they are given before the piece is known. */
const cottonShirt: TroubleFacts['piece'] = {
  ...EMPTY_PIECE,
  itemId: 'shirt',
  parts: [{ name: 'whole piece', fibres: [{ fibreId: 'cotton', sharePct: 100 }] }],
};
