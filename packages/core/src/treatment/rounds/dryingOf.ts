import {
  DRYING_USUAL_MIN,
  type DryingWay,
  HEAVY_DRY_MASS_G,
  STANDING_CAUTIONS,
  STANDING_NOTES,
} from '@feverfew/knowledge';
import { draftAction } from '../actions/draftAction.js';
import { fannedMin, thicknessOf } from '../case/fannedDrying.js';
import { bearsDryHeat } from '../case/heatHere.js';
import type { PlanContext } from '../case/planContext.js';
import { positionNotes } from '../case/positionNotes.js';
import { solventsEver } from '../case/residues.js';
import { sayable } from '../case/sayable.js';
import type { ArrangedRound, Placed } from '../course/arrangement.js';
import { courseFor } from '../course/courseFor.js';
import type { Drying } from '../plan/round.js';

/** The low tumble may be used: it is here, label and cloth bear it, and no line on piece or trouble forbids it. */
function mayTumble({ envelope, household, item, knowledge, marks, barred }: PlanContext): boolean {
  const forbidden = marks.some((work) =>
    courseFor(work, item.id, knowledge)?.atOnce.donts.some(({ bars }) => bars.includes('tumble')),
  );
  const low = envelope.drying.some(({ way, allowed }) => way === 'tumbleLow' && allowed);
  return low && household.hasDryer && !forbidden && !barred.has('tumble');
}

/** Feathers rot damp: the low tumble dries them to the core, and is no heat that sets a mark. */
const tumblesDown = ({ facts, index, marks }: PlanContext): boolean =>
  marks.every(({ kinds }) => !kinds.has('mark') && !kinds.has('dyeRun')) &&
  facts.piece.parts.some((part) =>
    part.fibres.some(({ fibreId }) => index.fibres.get(fibreId)?.driesInTumble),
  );

/** From here on a dry towel under a weight has taken nearly all, min. */
const LONG_UNDER_TOWEL_MIN = 240;

/** How a carpet or seat dries: what lay under a towel for hours is nearly dry. */
function inPlaceKind(last: Placed | undefined, isFanned: boolean): keyof typeof DRYING_USUAL_MIN {
  const isWeighed =
    last?.eligible.method.wetting === 'dry' && last.eligible.window.dwellMin.min >= LONG_UNDER_TOWEL_MIN;
  return isWeighed ? 'underTowel' : isFanned ? 'fanned' : 'inPlace';
}

const ROLLED_AND_FANNED = [STANDING_NOTES.rolledFirst, STANDING_NOTES.fanned];

const WITHOUT_HEAT = ['flat', 'line', 'sun'] as const;

/**
 * The one drying of a round, without heat but for feathers and for what no heat sets; null where nothing was wetted.
 */
export function dryingOf(
  passes: readonly Placed[],
  courses: ArrangedRound['courses'],
  context: PlanContext,
  round: number,
): Drying | null {
  const wet = passes.filter(({ eligible }) => eligible.method.wetting !== 'dry');
  const last = wet.at(-1);
  if (!last) return null;
  const { envelope, item, dryMassG, rinsable, barred } = context;
  const inPlace = item.surfaceOnly;
  const soaked = wet.some(({ eligible }) => eligible.method.wetting === 'immersion');
  const isPatch = context.facts.size !== 'allOver' && !soaked;
  const wanted = new Set(courses.flatMap(({ given }) => given.dry.ways));
  const allowed = WITHOUT_HEAT.filter((way) => envelope.drying.some((one) => one.way === way && one.allowed));
  const liked = allowed.filter((way) => wanted.has(way));
  const solvent = passes.some(({ eligible }) => eligible.appliedAgents.some((agent) => agent.flammable));
  const solvents = solvent || solventsEver(context).length > 0;
  // What must be ready soon gets moving air, unless a vapour that burns is about.
  const isHurried = context.choices.readyInMin !== null && !solvents && round === 1;
  const isFanned = inPlace && isHurried;
  const tumbles = soaked && !solvents && mayTumble(context);
  const tumbled = tumbles && tumblesDown(context);
  const inDryer = tumbles && wanted.has('tumbleLow') && bearsDryHeat(context);
  const ways: DryingWay[] = inPlace
    ? []
    : tumbled
      ? ['tumbleLow']
      : [...(liked.length > 0 ? liked : allowed), ...(inDryer ? (['tumbleLow'] as const) : [])];
  // Each is lifted by itself.
  const heavy = dryMassG / (context.facts.pieces ?? 1) > HEAVY_DRY_MASS_G && rinsable && soaked;
  const moment = { unwetted: false, bars: solvents ? new Set([...barred, 'tumble' as const]) : barred };
  const said = sayable(
    [
      ...new Set([
        ...(tumbled ? [STANDING_NOTES.downDry] : courses.flatMap(({ given }) => given.dry.notes)),
        ...wet.flatMap(({ eligible }) => eligible.method.notes.dry ?? []),
        ...positionNotes('dry', last.eligible.method, context).map(({ note }) => note),
      ]),
    ],
    context,
    moment,
  );
  const notes = [...new Set(said)];
  const [lowest] = ways;
  // Thick cloth that may only lie flat is not hurried: its underside stays wet.
  const rolled =
    isHurried && !inPlace && !tumbled && (isPatch || lowest !== 'flat' || thicknessOf(context) === 'thin')
      ? sayable(isPatch ? [STANDING_NOTES.pressedAndBlown] : ROLLED_AND_FANNED, context, moment)
      : [];
  const spun = wet.some(({ eligible }) => eligible.method.inMachine);
  const usual =
    DRYING_USUAL_MIN[lowest ? (isPatch ? 'patch' : lowest) : inPlaceKind(passes.at(-1), isFanned)];
  const quick = fannedMin(isPatch ? 'patch' : spun ? 'spun' : 'rolled', context);
  return {
    action: {
      ...draftAction('dry', {
        dryingWays: ways,
        notes: [
          ...notes,
          ...(inPlace && notes.length === 0 ? sayable([STANDING_NOTES.towelOnIt], context, moment) : []),
          ...(isFanned ? sayable([STANDING_NOTES.fanOnIt], context, moment) : []),
          ...rolled.filter((note) => !notes.includes(note)),
        ],
        cautionIds: [
          ...(bearsDryHeat(context) ? [] : STANDING_CAUTIONS.notYetGone),
          ...(solvents ? STANDING_CAUTIONS.afterSolvent : []),
          ...(heavy ? STANDING_CAUTIONS.heavyWet : []),
        ],
      }),
      id: `r${round}-dry`,
    },
    minutes: rolled.length > 0 && quick.likely < usual.likely ? quick : usual,
    notes,
  };
}
