import { type Knowledge, STANDING_CAUTIONS } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import { heatCautions, judgeMix } from './judgeMix.js';
import { EMPTY_MIX } from './mix.js';
import type { TableQuestion } from './tableQuestion.js';

const POURED = [...STANDING_CAUTIONS.anyProduct, ...STANDING_CAUTIONS.mixing];

/** Nothing is poured without its cautions: those of the products named, of strong bottles, of hot water. */
export function questionCautions(
  question: TableQuestion,
  household: Household,
  knowledge: Knowledge,
): string[] {
  switch (question.kind) {
    case 'scale':
      return [...judgeMix({ ...EMPTY_MIX, pours: question.items }, household, knowledge).cautionIds];
    case 'dilute':
      return [...(question.fromPct > STRONG_PCT ? STANDING_CAUTIONS.strongBottle : []), ...POURED];
    case 'spot':
    case 'opened':
      return [...POURED];
    case 'blend':
      return heatCautions(question.wantedC);
    case 'raise':
      // Whatever it comes to, the kettle is boiling.
      return [...STANDING_CAUTIONS.scalding];
    case 'cool':
      return heatCautions(question.startC);
  }
}

/**
 * Above this peroxide, vinegar and ammonia want gloves and goggles before they are cut down, %. Safety data as
 * recalled (CLP).
 */
const STRONG_PCT = 6;
