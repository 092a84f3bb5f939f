import { chanceAbove } from '../../evidence/beta.js';
import { betaOfRange } from '../../evidence/posterior.js';
import { type Finding, finding } from '../../finding/finding.js';
import { toPct } from '../../quantity/rounding.js';
import type { EligibleMethod } from '../assess/assessMethod.js';

/** Fewer uses set nothing aside. */
const MIN_USES = 3;
/** The next pass must do better with these odds, and be harsher by no more than this (of 9). From memory. */
const ODDS_TO_SET_ASIDE = 0.8;
const MAX_HARSHER = 2;

/**
 * Passes that the household has seen fail: at least three uses, worse than the book says, and the next pass,
 * hardly harsher and in
 * the house, does better with odds of four in five. The strongest pass always stays.
 */
export function setAsideByLog(
  passes: readonly EligibleMethod[],
): { eligible: EligibleMethod; next: EligibleMethod; finding: Finding }[] {
  return passes.flatMap((eligible, index) => {
    const { log } = eligible;
    const next = passes[index + 1];
    if (!log || !next || log.uses < MIN_USES || log.beta.a / (log.beta.a + log.beta.b) >= middle(log.prior))
      return [];
    if (next.missingAgentIds.length > 0 || next.harshness > eligible.harshness + MAX_HARSHER) return [];
    const chance = chanceAbove(next.log?.beta ?? betaOfRange(next.effect), log.beta);
    if (chance < ODDS_TO_SET_ASIDE) return [];
    const { uses, worked } = log;
    return [
      {
        eligible,
        next,
        finding: finding('logSaysOther', {
          methodId: next.method.id,
          uses,
          worked,
          chancePct: toPct(chance),
        }),
      },
    ];
  });
}

const middle = ({ low, high }: { low: number; high: number }): number => (low + high) / 2;
