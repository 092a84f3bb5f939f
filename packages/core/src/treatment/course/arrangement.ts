import type { Cloth, ClothCourse, CoursePass, Note } from '@feverfew/knowledge';
import type { EligibleMethod } from '../assess/assessMethod.js';
import type { End, Gone, NotUsed, Phase } from '../plan/round.js';

/** A pass with its place in a round. */
export interface Placed {
  readonly asked: CoursePass | null;
  readonly eligible: EligibleMethod;
  readonly insteadOf: NotUsed | null;
  /** The pass whose words and conditions are said; null = none. */
  readonly words: CoursePass | null;
  readonly helps: readonly string[];
  readonly phase: Phase;
  readonly opensAfterTest: boolean;
  readonly takes: Gone;
  readonly gone: Gone;
  readonly prepares: boolean;
  /** Lines of the course for it. */
  readonly extra: readonly Note[];
}

export interface ArrangedRound {
  readonly passes: readonly Placed[];
  /** Courses that have a say in how it is dried and looked at, with the trouble each is of. */
  readonly courses: readonly { readonly markId: string; readonly given: Filled }[];
}

export type Filled = Extract<ClothCourse, { kind: 'course' }>;

export interface Arranged {
  readonly cloth: Cloth;
  readonly rounds: readonly ArrangedRound[];
  readonly notUsed: readonly NotUsed[];
  readonly ends: readonly End[];
}
