import { type Check, STANDING_CAUTIONS, type TroubleKind } from '@feverfew/knowledge';
import { draftAction } from '../actions/draftAction.js';
import { signsFor } from '../actions/signsFor.js';
import { bearsDryHeat } from '../case/heatHere.js';
import type { PlanContext } from '../case/planContext.js';
import { solventsEver } from '../case/residues.js';
import { sayable } from '../case/sayable.js';
import type { ArrangedRound, Placed } from '../course/arrangement.js';
import type { RoundLook, WayOn } from '../plan/round.js';

/** Troubles that show: looked at in daylight, whatever else is asked. */
const SEEN: readonly TroubleKind[] = ['mark', 'yellowing', 'dyeRun'];

/**
 * Asked of each trouble as its course says; a trouble no course speaks of is looked at in daylight.
 * @param later the passes of each round after it
 */
export function lookOf(
  passes: readonly Placed[],
  courses: ArrangedRound['courses'],
  context: PlanContext,
  round: number,
  later: readonly (readonly Placed[])[],
): RoundLook {
  const main = mainOf(passes, ({ takes }) => takes.all.high);
  /** The first pass from this round on that fits, by the names the rounds give them. */
  const idOf = (fits: (placed: Placed) => boolean, rounds: readonly (readonly Placed[])[], from: number) =>
    rounds.flatMap((list, at) =>
      list.flatMap((placed, nth) => (fits(placed) ? `r${from + at}p${nth + 1}` : [])),
    )[0] ?? null;
  const waysOn = (again: Placed | undefined, helps: (placed: Placed) => boolean): WayOn[] => [
    { way: 'gone', passId: null },
    { way: 'better', passId: idOf((one) => one === again, [passes], round) },
    { way: 'noChange', passId: idOf(helps, later, round + 1) },
    { way: 'worse', passId: null },
  ];
  const wet = passes.some(({ eligible }) => eligible.method.wetting !== 'dry');
  const solvent = passes.some(({ eligible }) => eligible.method.solventAftercare);
  const byMark = context.marks.map(({ mark, kinds, isBodyFluid }) => {
    const asked = courses.find(({ markId }) => markId === mark.id)?.given.checks ?? [];
    const more: Check[] = [
      ...(wet && !context.rinsable && !asked.includes('fromSide') ? (['fromSide'] as const) : []),
      ...(kinds.has('buildUp') ? (['feel', 'smellWarm'] as const) : []),
      ...(kinds.has('odour') ? (['smellWarm'] as const) : []),
      ...(solvent && !asked.includes('smellDamp') ? (['smellDamp'] as const) : []),
    ];
    const seen = (isBodyFluid || SEEN.some((kind) => kinds.has(kind))) && !asked.includes('daylight');
    const checks: readonly Check[] = seen || asked.length === 0 ? ['daylight', ...asked] : asked;
    const all = [...new Set([...checks, ...more])];
    const helped = ({ helps }: Placed) => helps.includes(mark.id);
    const again = mainOf(passes.filter(helped), ({ takes }) => highOf(takes, mark.id)) ?? main;
    return { markId: mark.id, checks: all, ways: waysOn(again, helped) };
  });
  const soaked = passes.some(({ eligible }) => eligible.method.wetting === 'immersion');
  const afterwards = context.facts.piece.parts.flatMap((part) =>
    part.fibres.flatMap(({ fibreId }) => context.index.fibres.get(fibreId)?.afterLook ?? []),
  );
  const bars =
    solvent || solventsEver(context).length > 0
      ? new Set([...context.barred, 'tumble' as const])
      : context.barred;
  return {
    action: {
      ...draftAction('finalLook', {
        ...(main ? signsFor(main.eligible.method, context) : {}),
        notes: soaked ? sayable([...new Set(afterwards)], context, { unwetted: false, bars }) : [],
        cautionIds: bearsDryHeat(context) ? [] : STANDING_CAUTIONS.notYetGone,
      }),
      id: `r${round}-look`,
    },
    byMark,
    ways: waysOn(main, () => true),
  };
}

/** What is done again: of the work before the wash that ends the round, where there is any, what takes most. */
function mainOf(passes: readonly Placed[], takes: (placed: Placed) => number): Placed | undefined {
  const works = passes.filter(({ phase, prepares }) => phase !== 'wash' && !prepares);
  return [...(works.length > 0 ? works : passes)].sort((a, b) => takes(b) - takes(a))[0];
}

const highOf = ({ byMark }: Placed['takes'], markId: string): number =>
  byMark.find((one) => one.markId === markId)?.high ?? 0;
