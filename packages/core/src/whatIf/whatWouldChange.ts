import type { Knowledge } from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { standsAlone } from '../treatment/standsAlone.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { type Change, changesToTry } from './changesToTry.js';

/** Single changes that are worth pairing when none does it alone; more would take seconds. */
const MOST_TO_PAIR = 24;
const MOST_ANSWERS = 4;

/**
 * The smallest changes of the facts under which a method that is off the ladder would be allowed: each answer is
 * one change,
 * or two together where no single one is enough. Empty when nothing a person could be mistaken about would help.
 */
export function whatWouldChange(
  methodId: string,
  facts: TroubleFacts,
  household: Household,
  knowledge: Knowledge,
): Change[][] {
  const allows = (changes: readonly Change[]): boolean => {
    const start = { facts, household };
    const { facts: given, household: home } = changes.reduce((state, change) => change.apply(state), start);
    // A whole plan is asked only where nothing stands against the method by itself.
    if (!standsAlone(methodId, given, home, knowledge)) return false;
    return planTreatment(given, home, knowledge).candidates.some(
      ({ methodId: id, verdict }) => id === methodId && (verdict === 'rung' || verdict === 'spare'),
    );
  };
  const tries = changesToTry(methodId, facts, household, knowledge);
  const single = tries.filter((change) => allows([change]));
  if (single.length > 0) return single.slice(0, MOST_ANSWERS).map((change) => [change]);
  const pairs = tries
    .slice(0, MOST_TO_PAIR)
    .flatMap((one, index) => tries.slice(index + 1, MOST_TO_PAIR).map((other) => [one, other]))
    .filter(([one, other]) => one?.topic !== other?.topic);
  const found: Change[][] = [];
  for (const pair of pairs) {
    if (found.length >= MOST_ANSWERS) break;
    if (allows(pair)) found.push(pair);
  }
  return found;
}
