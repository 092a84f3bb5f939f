import { STALL_SHARE } from '@feverfew/knowledge';
import type { Action } from '../../treatment/plan/action.js';
import type { Plan } from '../../treatment/plan/plan.js';
import { passInRound } from '../next/roundOfPass.js';
import type { LookAnswer, RunEvent } from '../runEvent.js';
import type { Look, MarkLook, RunState } from '../runState.js';
import { LEVELS } from './level.js';

/** Nothing is left of it by eye, %. */
const GONE_PCT = LEVELS[0].high;

/** The progress from one level to the next, both %. */
export function lookAnswerOf(leftPct: number, before: number): LookAnswer {
  if (leftPct <= GONE_PCT) return 'gone';
  return 1 - leftPct / Math.max(before, 1) < STALL_SHARE ? 'stalled' : 'moving';
}

/** The last answer about one trouble; null if there is none. */
const lastSaid = (looks: readonly Look[], markId: string) =>
  looks.flatMap((look) => saidOf(look, markId) ?? []).at(-1) ?? null;

/** Left of one trouble, %: the last answer; 100 if there is none. */
export const leftOf = (looks: readonly Look[], markId: string): number =>
  lastSaid(looks, markId)?.leftPct ?? 100;

const isGone = (looks: readonly Look[], markId: string): boolean =>
  lastSaid(looks, markId)?.answer === 'gone';

/** The trouble that a repeated pass should target: one still improving before a stalled one, then the largest. */
export function markToRepeat(looks: readonly Look[], markIds: readonly string[]): string | undefined {
  const moves = (markId: string) => Number(lastSaid(looks, markId)?.answer === 'moving');
  return [...markIds].sort((a, b) => moves(b) - moves(a) || leftOf(looks, b) - leftOf(looks, a))[0];
}

/** Troubles that their last look found gone. */
export const goneMarks = (looks: readonly Look[], { facts }: Plan): string[] =>
  facts.markIds.filter((id) => isGone(looks, id));

/** Marks confirmed gone on dry cloth and not seen since. Wet cloth can hide a mark, but never invents one. */
export function goneDry(looks: readonly Look[], plan: Plan): string[] {
  const dry = looks.filter((look) => look.isDry);
  return goneMarks(dry, plan).filter((id) => isGone(looks, id));
}

/** A look without a trouble speaks of all. "It moves" without a level is not "gone". */
function saidOf(
  { byMark, leftPct, answer }: Look,
  markId: string,
): (Pick<Look, 'answer'> & { leftPct: number }) | null {
  if (byMark.length > 0) return byMark.find((one) => one.markId === markId) ?? null;
  if (leftPct !== null) return { leftPct, answer };
  return answer === 'moving' || answer === 'stalled' ? { leftPct: 100, answer } : null;
}

/**
 * The looks as the curve of a pass reads them: of several troubles, what the dry looks found of the one it is done again
 * for, each a round of that pass.
 */
export function looksForCurve(looks: readonly Look[], passIndex: number, { facts }: Plan): readonly Look[] {
  if (facts.markIds.length < 2) return looks;
  const markId = markToRepeat(looks, facts.markIds);
  return looks
    .filter((look) => look.isDry)
    .flatMap((look) => {
      const own = look.byMark.find((one) => one.markId === markId);
      return own ? [{ ...look, leftPct: own.leftPct, passIndex }] : [];
    })
    .map((look, index) => ({ ...look, round: index + 1 }));
}

/**
 * Troubles a look asks of. At a pass: those it is done for, without what was found gone. When dry: all, without what a
 * dry look found gone.
 */
export function marksToAsk({ looks, passIndex }: RunState, plan: Plan, action: Action): string[] {
  const { markIds } = plan.facts;
  if (markIds.length < 2) return [...markIds];
  const isDry = action.kind === 'finalLook';
  const gone = isDry ? goneDry(looks, plan) : goneMarks(looks, plan);
  const left = markIds.filter((id) => !gone.includes(id));
  const helped = isDry ? [] : (passInRound(plan, passIndex)?.helps ?? []);
  const own = left.filter((id) => helped.includes(id));
  const asked = own.length > 0 ? own : left;
  // Where all was gone and is worked on all the same, all of it is asked for.
  return asked.length > 0 ? asked : [...markIds];
}

type Looked = Extract<RunEvent, { kind: 'looked' }>;

/**
 * The findings of a look by trouble; empty if one level was given for several, which cannot be divided
 * which it is of.
 */
export function markLooks(
  { marks, answer, leftPct }: Looked,
  looks: readonly Look[],
  plan: Plan,
): MarkLook[] {
  const { markIds } = plan.facts;
  const one = answer === 'gone' ? (leftPct ?? 0) : leftPct;
  const told =
    marks ??
    (markIds.length === 1 || answer === 'gone' ? markIds.map((markId) => ({ markId, leftPct: one })) : []);
  return told.flatMap((mark) =>
    mark.leftPct === null
      ? []
      : [
          {
            markId: mark.markId,
            leftPct: mark.leftPct,
            answer: answer === 'gone' ? answer : lookAnswerOf(mark.leftPct, leftOf(looks, mark.markId)),
          },
        ],
  );
}

/** Of several answers the deciding one: still moving, then stalled, then unclear. */
const DECIDES: readonly LookAnswer[] = ['wrong', 'moving', 'stalled', 'unsure', 'gone'];

/** @returns null if nothing was answered */
export function answerOfMarks(
  given: NonNullable<Looked['marks']>,
  found: readonly MarkLook[],
): LookAnswer | null {
  const answers = [
    ...found.map(({ answer }) => answer),
    ...(given.some(({ leftPct }) => leftPct === null) ? (['unsure'] as const) : []),
  ];
  return DECIDES.find((answer) => answers.includes(answer)) ?? null;
}

/** What is left of all of them together, each counting alike, whole %. */
export function leftOfAll(looks: readonly Look[], found: readonly MarkLook[], { facts }: Plan): number {
  const left = facts.markIds.map(
    (id) => found.find(({ markId }) => markId === id)?.leftPct ?? leftOf(looks, id),
  );
  return Math.round(left.reduce((sum, one) => sum + one, 0) / Math.max(1, left.length));
}
