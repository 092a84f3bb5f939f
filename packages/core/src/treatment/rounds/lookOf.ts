import { type Check, STANDING_CAUTIONS, type TroubleKind } from '@feverfew/knowledge';
import { draftAction } from '../actions/draftAction.js';
import { signsFor } from '../actions/signsFor.js';
import { bearsDryHeat } from '../case/heatHere.js';
import type { PlanContext } from '../case/planContext.js';
import { solventsEver } from '../case/residues.js';
import { sayable } from '../case/sayable.js';
import type { ArrangedRound, Placed } from '../course/arranged.js';
import type { RoundLook } from '../plan/round.js';

/** Troubles that show: looked at in daylight, whatever else is asked. */
const SEEN: readonly TroubleKind[] = ['mark', 'yellowing', 'dyeRun'];

/**
 * Asked of each trouble as its course says; a trouble no course speaks of is looked at in daylight.
 * @param isLast no round comes after it
 */
export function lookOf(
  passes: readonly Placed[],
  courses: ArrangedRound['courses'],
  context: PlanContext,
  round: number,
  isLast: boolean,
): RoundLook {
  // A wash ends a round; what is done again is the work before it, where there is any.
  const works = passes.filter(({ phase, prepares }) => phase !== 'wash' && !prepares);
  const [main = passes[0]] = [...(works.length > 0 ? works : passes)].sort(
    (a, b) => b.takes.all.high - a.takes.all.high,
  );
  const wet = passes.some(({ eligible }) => eligible.method.wetting !== 'dry');
  const solvent = passes.some(({ eligible }) => eligible.method.solventAftercare);
  const byMark = context.marks.map(({ mark, kinds, isBodyFluid }) => {
    const own = courses.find(({ markId }) => markId === mark.id)?.given.checks ?? [];
    const more: Check[] = [
      ...(wet && !context.rinsable && !own.includes('fromSide') ? (['fromSide'] as const) : []),
      ...(kinds.has('buildUp') ? (['feel', 'smellWarm'] as const) : []),
      ...(kinds.has('odour') ? (['smellWarm'] as const) : []),
      ...(solvent && !own.includes('smellDamp') ? (['smellDamp'] as const) : []),
    ];
    const seen = (isBodyFluid || SEEN.some((kind) => kinds.has(kind))) && !own.includes('daylight');
    const checks: readonly Check[] = seen || own.length === 0 ? ['daylight', ...own] : own;
    const all = [...new Set([...checks, ...more])];
    return { markId: mark.id, checks: all };
  });
  const soaked = passes.some(({ eligible }) => eligible.method.wetting === 'immersion');
  const afterwards = context.facts.piece.parts.flatMap((part) =>
    part.fibres.flatMap(({ fibreId }) => context.index.fibres.get(fibreId)?.afterLook ?? []),
  );
  const bars =
    solvent || solventsEver(context).length > 0
      ? new Set([...context.barred, 'tumble' as const])
      : context.barred;
  const again = `r${round}p${Math.max(1, (main ? passes.indexOf(main) : 0) + 1)}`;
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
    ways: [
      { way: 'gone', passId: null },
      { way: 'better', passId: again },
      { way: 'noChange', passId: isLast ? null : `r${round + 1}p1` },
      { way: 'worse', passId: null },
    ],
  };
}
