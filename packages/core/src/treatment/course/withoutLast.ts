import type { PlanContext } from '../case/planContext.js';
import type { NotUsed } from '../plan/round.js';
import type { ArrangedRound, Placed } from './arrangement.js';
import { type ComposedRound, composeRound, insertPass } from './composeRound.js';
import { untouched } from './goneAfter.js';
import { type Placing, placingOf } from './placement.js';
import { isWork } from './secondRound.js';
import { isPlainWater, isStronger } from './strongest.js';

interface Arrange {
  readonly context: PlanContext;
  readonly courses: ArrangedRound['courses'];
  readonly notUsed: NotUsed[];
}

/**
 * The round without so many of its last works: they wait for the next. One work stays.
 * @param count works that wait, 0 or more; less than 1 = none
 * @param first what the courses have for the round: its wash is chosen again
 */
export function withoutLast(
  count: number,
  round: ComposedRound,
  first: readonly Placing[],
  arrange: Arrange,
): ComposedRound {
  const { context, courses, notUsed } = arrange;
  const last = count > 0 ? lastWork(round.passes, context) : null;
  if (!last) return round;
  const kept = round.passes.filter((pass) => pass.phase !== 'wash' && pass !== last).map(placingOf);
  const ofDrum = first.filter(({ fitted }) => fitted.eligible.method.inMachine);
  const start = { worked: untouched(context), passes: [] };
  const short = composeRound([...kept, ...ofDrum], [], courses, context, notUsed, start);
  const isOther = ({ fitted }: Placing) => fitted.eligible.method.id !== last.eligible.method.id;
  const rest = insertPass(round.rest.filter(isOther), placingOf(last), context);
  return withoutLast(count - 1, { ...short, rest }, first, arrange);
}

/** Its last work that is neither the strongest nor all that is done for a trouble; null where nothing can wait. */
function lastWork(passes: readonly Placed[], context: PlanContext): Placed | null {
  const all = passes.filter((pass) => isWork(pass));
  const own = all.filter((pass) => !followsSolvent(pass, passes));
  const works = own.length > 1 ? own : all;
  if (works.length < 2) return sudsBeforeWash(passes);
  const isAlone = (one: Placed) =>
    one.helps.some((markId) => works.every((other) => other === one || !other.helps.includes(markId)));
  const spare = works.filter((one) => !isAlone(one));
  const others = (one: Placed) => passes.filter((other) => other !== one);
  const mayWait = (one: Placed) =>
    !isPlainWater(one.eligible) && !isStronger(placingOf(one), others(one), context);
  return spare.filter(mayWait).at(-1) ?? works.filter(mayWait).at(-1) ?? spare.at(-1) ?? works.at(-1) ?? null;
}

/** Where one work is left: the suds after a solvent, if a wash takes it out as well. */
const sudsBeforeWash = (passes: readonly Placed[]): Placed | null =>
  passes.some(({ phase }) => phase === 'wash')
    ? (passes.find((pass) => followsSolvent(pass, passes)) ?? null)
    : null;

/** What takes a solvent and what it loosened out again stays in its round, where something else can wait. */
const followsSolvent = ({ asked }: Placed, passes: readonly Placed[]): boolean =>
  asked !== null &&
  ['residue', 'solventLeft'].includes(asked.purpose) &&
  passes.some(({ phase }) => phase === 'solvent');
