import type { CaseRead } from './readCase.js';
import type { Violation } from './violation.js';
import type { Work } from './work.js';

type Codes = readonly Violation['code'][];

/** Asked of every stretch of work by itself; `before` is all that was done earlier, in order. */
export type WorkRule = (work: Work, read: CaseRead, before: readonly Work[]) => Codes;

/** Asked of a pass as a whole; `before` is all that was done in earlier passes. */
export type TurnRule = (turn: readonly Work[], read: CaseRead, before: readonly Work[]) => Codes;

export const NONE: Codes = [];

/** The code, where it is so. */
export const when = (is: boolean, code: Violation['code']): Codes => (is ? [code] : NONE);

/** The treatment of a pass, if it has one. */
export const treatOf = (turn: readonly Work[]): Work | undefined =>
  turn.find((work) => work.kind === 'treat');
