import type { Envelope } from '../../envelope/envelope.js';
import type { PHLimit } from '../../envelope/limit.js';
import type { MethodFacts } from '../../lookup/knowledgeIndex.js';

/** The pH a method may have here, and which of a limit's figures count for it. */
export interface PHWindow {
  readonly min: number;
  readonly max: number;
  readonly lowerOf: (limit: PHLimit) => number;
  readonly upperOf: (limit: PHLimit) => number;
}

/** Mild acid that is rinsed out, oxalic acid on a spot and an oxygen bath each have an end of their own. */
export function pHWindowFor({ briefAcid, oxygenBath, spotAcid }: MethodFacts, { pH }: Envelope): PHWindow {
  const lowerOf = (one: Omit<Envelope['pH'], 'limits'>) => {
    if (spotAcid) return Math.min(one.min, one.spotAcidMin ?? one.weakAcidBrieflyMin);
    return briefAcid ? Math.min(one.min, one.weakAcidBrieflyMin) : one.min;
  };
  const upperOf = (one: Omit<Envelope['pH'], 'limits'>) =>
    oxygenBath ? Math.max(one.max, one.oxygenMax ?? one.max) : one.max;
  return { min: lowerOf(pH), max: upperOf(pH), lowerOf, upperOf };
}
