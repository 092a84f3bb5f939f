import {
  type AtOnceVerb,
  COVERED_DONTS,
  type Course,
  type Deed,
  HANDS_ON_MIN,
  ifStillWet,
  NO_HEAT_YET,
  type Note,
  STANDING_NOTES,
} from '@feverfew/knowledge';
import { isFreshnessOpen, wetnessOf } from '../case/circumstances.js';
import type { PlanContext } from '../case/planContext.js';
import { sayable } from '../case/sayable.js';
import { holdsVapour } from '../case/vapourHere.js';
import { courseFor } from '../course/courseFor.js';
import { goneAtOnce } from '../course/goneAtOnce.js';
import type { AtOnce } from '../plan/round.js';
import { dangerFirst, guardsFirst } from './dangerFirst.js';

const { rinseOutProduct, dabOutProduct } = STANDING_NOTES;

/** Ages at which a flush still runs something out, dried in or not. */
const FRESH = ['minutes', 'hours'];
/** Ages at which something may still lie on top. */
const LIFTED = ['minutes', 'hours', 'days', 'unknown'];

/** What waits until a vapour that burns has been aired out. */
const KEPT_FROM_VAPOUR: readonly Deed[] = ['water', 'soak', 'spray', 'solvent'];

/** First acts after which nothing is lifted: they lift it themselves, or it has to set hard before it comes off. */
const REPLACES_LIFTING: readonly AtOnceVerb[] = ['lift', 'shake', 'chill', 'letDry'];

/** First acts that bring water on the piece. */
const WETS: readonly AtOnceVerb[] = ['coldFlush', 'detergent', 'rewash', 'keepWet'];

/** Nothing in it wets the piece. */
const isDry = (lines: readonly { readonly verbs: readonly AtOnceVerb[] }[]): boolean =>
  lines.every(({ verbs }) => !verbs.includes('coldFlush'));

/** First acts that send fine dust into the air. */
const RAISING: readonly AtOnceVerb[] = ['shake', 'vacuum'];
const hasDust = ({ marks }: PlanContext): boolean =>
  marks.some(({ components }) => components.some(({ component }) => component.dustHarms));

/** It is the course of a trouble whose own vapour burns. */
const hasVapour = (course: Course, { marks, item, knowledge }: PlanContext): boolean =>
  marks.some(
    (work) =>
      courseFor(work, item.id, knowledge) === course &&
      work.components.some(({ component }) => component.vapourBurns),
  );

/** Lifts it off, and does more. */
const isFullerLift = ({ verbs }: { readonly verbs: readonly AtOnceVerb[] }): boolean =>
  verbs.includes('lift') && verbs.some((verb) => verb !== 'lift');

/** What has to dry before anything wet. */
const driesFirst = ({ verbs }: { readonly verbs: readonly AtOnceVerb[] }): boolean =>
  verbs.includes('letDry') && !verbs.includes('coldFlush');

/** There is something wet to blot up, and it neither dusts nor may not be touched. */
const takesUp = ({ barred, marks }: PlanContext): boolean =>
  !barred.has('blot') &&
  marks.some(
    ({ kinds, components }) => kinds.has('mark') && components.every(({ component }) => !component.dustHarms),
  );

/**
 * First acts: those that help every entered trouble and harm none, on this piece, with nothing bought.
 * @param done what the rounds do: no line forbids for good what comes later at another mark
 */
export function atOnceOf(context: PlanContext, done: ReadonlySet<Deed>): AtOnce {
  const { facts, marks, item, rinsable, residues, barred } = context;
  const courses = coursesHere(context);
  const say = sayableIn(context);
  const danger = dangerFirst(context);
  const dangerActs = danger.acts
    .filter(({ note }) => say([note], barred).length > 0)
    .map(({ note, verbs }) => ({ text: note.text, verbs }));
  if (danger.only)
    return {
      actions: dangerActs,
      donts: [],
      handsOnMin: dangerActs.length * HANDS_ON_MIN.lift,
      gone: null,
    };
  const guards = guardsFirst(context);
  const vapour = holdsVapour(context);
  // A solvent is aired out first: water comes later, as a step of its own.
  const rinsedOut =
    residues.length > 0 && !vapour ? say([rinsable ? rinseOutProduct : dabOutProduct], barred) : [];
  // Until a vapour that burns is gone nothing else is urgent, and only its own warnings count.
  const waits = vapour && danger.acts.length > 0;
  const ofVapour = waits ? courses.filter((course) => hasVapour(course, context)) : [];
  const warn = ofVapour.length > 0 ? ofVapour : courses;
  const donts = say(
    warn.flatMap(({ atOnce }) => atOnce.donts),
    barred,
  )
    .filter(({ bars }) => bars.every((deed) => !done.has(deed) && !(deed === 'water' && residues.length > 0)))
    // A seat or a carpet goes into no dryer and under no iron.
    .filter(({ text }) => !(item.surfaceOnly && text === NO_HEAT_YET));
  const against = new Set([...barred, ...donts.flatMap(({ bars }) => bars)]);
  const lines = waits ? [] : courseLines(context, against);
  // Where it is not known whether it is wet, what helps the fresh is said with that condition.
  const isOpen = !waits && isFreshnessOpen(facts) && marks.every(({ mark }) => !mark.damage);
  const fresh = { ...facts, wetness: 'wet', age: 'minutes' } as const;
  const ifWet = (isOpen ? courseLines({ ...context, facts: fresh }, against) : []).filter(
    ({ text }) => !lines.some((line) => line.text === text),
  );
  // What may not be touched while it is wet is left to set first.
  const untouched = barred.has('blot') && facts.wetness !== 'dry';
  const solids =
    !untouched &&
    LIFTED.includes(facts.age) &&
    marks.some(({ causes }) => causes.some(({ mark }) => mark.hasSolids));
  const lifted =
    !waits && solids && !lines.some(({ verbs }) => verbs.some((verb) => REPLACES_LIFTING.includes(verb)));
  const sure = [
    ...dangerActs,
    ...guards.map((text) => ({ text, verbs: ['protect' as const] })),
    ...rinsedOut.map(({ text }) => ({ text, verbs: ['rinseOutProduct' as const] })),
    ...(untouched && lines.every(({ verbs }) => !verbs.includes('letDry'))
      ? say([STANDING_NOTES.letItSet], against).map(({ text }) => ({ text, verbs: ['letDry' as const] }))
      : []),
    ...(lifted
      ? say([STANDING_NOTES.liftFirst], against).map(({ text }) => ({ text, verbs: ['lift' as const] }))
      : []),
    ...lines.map(({ text, verbs }) => ({ text, verbs })),
    // Where no line of a course may be said here, what is wet is still taken up.
    ...(!waits && lines.length === 0 && facts.wetness === 'wet' && takesUp(context)
      ? say([STANDING_NOTES.blotFirst], against).map(({ text }) => ({ text, verbs: ['blot' as const] }))
      : []),
  ];
  // One condition is enough: what follows it is for the same case.
  const ifWetActs = ifWet.map(({ text, verbs }, at) => ({ text: at === 0 ? ifStillWet(text) : text, verbs }));
  const actions = [...sure, ...ifWetActs].filter(
    (one, at, all) =>
      all.findIndex(({ text }) => text === one.text) === at &&
      // Of several lines that lift it off, the fuller one is enough, where it holds without a condition.
      !(one.verbs.every((verb) => verb === 'lift') && sure.some(isFullerLift)),
  );
  return {
    actions,
    donts: withoutCovered([...new Set(donts.map(({ text }) => text))]),
    handsOnMin: actions.length * HANDS_ON_MIN.lift,
    // What is done only if it is still wet is not counted on.
    gone: goneAtOnce(
      sure.flatMap(({ verbs }): readonly AtOnceVerb[] => verbs),
      context,
    ),
  };
}

/** Warnings without those that others of them say as well. */
const withoutCovered = (lines: readonly string[]): string[] =>
  lines.filter(
    (line) => !COVERED_DONTS.some((one) => one.line === line && one.by.every((by) => lines.includes(by))),
  );

/** Courses of all troubles here, each once. */
const coursesHere = ({ marks, item, knowledge }: PlanContext): Course[] => [
  ...new Set(marks.flatMap((work) => courseFor(work, item.id, knowledge) ?? [])),
];

/** Those lines of a list that hold here and that nothing bars. */
const sayableIn =
  (context: PlanContext) =>
  <N extends Note>(lines: readonly N[], bars: ReadonlySet<Deed>): N[] =>
    lines.filter((line) => sayable([line], context, { unwetted: true, bars }).length > 0);

/** What the courses have done at once, as far as it helps here. */
function courseLines(context: PlanContext, against: ReadonlySet<Deed>): Course['atOnce']['garment'] {
  const { facts, item, rinsable, residues } = context;
  const say = sayableIn(context);
  const raisesDust = context.household.asthma && hasDust(context);
  const hasGuards = guardsFirst(context).length > 0;
  const vapour = holdsVapour(context);
  const isFresh = wetnessOf(facts) === 'wet' || FRESH.includes(facts.age);
  const isInTime = (verbs: readonly AtOnceVerb[]): boolean =>
    isFresh || verbs.includes('chill') || !verbs.includes('coldFlush');
  return (
    coursesHere(context)
      .flatMap(({ atOnce }) => {
        const garment = say(atOnce.garment, against);
        const isOfUse = rinsable || (!item.surfaceOnly && garment.length > 0 && isDry(garment));
        return isOfUse ? garment : say(atOnce.surface, against);
      })
      // What is rinsed out first is wet by then.
      .filter(({ bars }) => residues.length === 0 || !bars.includes('water'))
      .filter(
        ({ asks, verbs }) =>
          !vapour ||
          (!asks.some((deed) => KEPT_FROM_VAPOUR.includes(deed)) &&
            verbs.every((verb) => !WETS.includes(verb))),
      )
      .filter(({ verbs }) => isInTime(verbs) && !(raisesDust && verbs.some((verb) => RAISING.includes(verb))))
      // The guards have said it.
      .filter(({ verbs }) => !hasGuards || verbs.some((verb) => verb !== 'protect'))
      // What has to dry before it is brushed off keeps the water for the rounds.
      .filter(({ verbs }, _, all) => !verbs.includes('coldFlush') || !all.some(driesFirst))
  );
}
