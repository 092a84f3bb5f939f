import type { CourseFindingFacts } from './courseFindingFacts.js';
import type { MethodFindingFacts } from './methodFindingFacts.js';
import type { MixFindingFacts } from './mixFindingFacts.js';
import type { PlanFindingFacts } from './planFindingFacts.js';

/** Facts behind every kind of finding, by its code. `findingWords` has the words of each. */
export interface FindingFacts
  extends MethodFindingFacts,
    CourseFindingFacts,
    PlanFindingFacts,
    MixFindingFacts {}

export type FindingCode = keyof FindingFacts;

/** A failure or a remark as data; the words come last. */
export type Finding = {
  [Code in FindingCode]: {
    readonly code: Code;
    readonly facts: Readonly<FindingFacts[Code]>;
    readonly sourceIds: readonly string[];
  };
}[FindingCode];

export function finding<Code extends FindingCode>(
  code: Code,
  facts: FindingFacts[Code],
  sourceIds: readonly string[] = ['commonPractice'],
): Finding {
  return { code, facts, sourceIds } as unknown as Finding;
}
