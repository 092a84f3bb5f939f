/** What is found while the steps of a round are chosen and put in order. */
export interface CourseFindingFacts {
  apartFromPass: { pairId: string; passMethodId: string; agentId: string };
  /** Chosen by the person for this plan. */
  leftOut: Record<string, never>;
  chosenInstead: { methodId: string };
  /** It would not be ready by the time it is wanted. */
  takesTooLong: { minutes: number; readyInMin: number };
  /** Adds next to nothing to what the passes before it take. */
  addsLittle: { pct: number };
  /** Rinsed out before the next product, which may not meet it. */
  rinsedForNext: { agentId: string; pairId: string };
  /** Rinsed out because the cloth bears it only briefly. */
  rinsedForCloth: { low: number; high: number };
  /** Eligible but not in the plan, with its own effect. */
  otherWay: { than: 'gentler' | 'stronger' | 'alike'; lowPct: number; highPct: number };
  logSaysOther: { methodId: string; uses: number; worked: number; chancePct: number };
  bigPour: { agentId: string; amount: number; unit: 'g' | 'mL' };
  kettlesNeeded: { hotC: number; toC: number; kettles: number; litres: number };
  longerForCool: { minutes: number; tempC: number; sharePct: number };
  onlyAfter: { agentIds: readonly string[] };
}
