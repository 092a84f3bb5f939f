import { HYGIENE_C, type Method } from '@feverfew/knowledge';
import { OPEN_TEMP_C } from '../../envelope/drawEnvelope.js';
import { assessStep, type EligibleMethod } from '../assess/assessMethod.js';
import { suitsPiece } from '../assess/isRelevant.js';
import { oncePerPlan } from '../case/oncePerPlan.js';
import type { PlanContext } from '../case/planContext.js';
import { type PositionNote, positionNotes } from '../case/positionNotes.js';
import type { NotUsed } from '../plan/round.js';
import type { ArrangedRound } from './arrangement.js';
import { asWash } from './steps.js';

/**
 * Washes that may end a round, the best first: those the courses name, else one by hand. Of several troubles the wash
 * that takes most of all of them comes first. Empty where nothing is washed.
 * @param asked machine washes that stand among the passes of a course
 * @param flushed cold water has run through it before
 */
export function washFor(
  courses: ArrangedRound['courses'],
  asked: readonly string[],
  context: PlanContext,
  notUsed: NotUsed[],
  flushed: boolean,
): EligibleMethod[] {
  const hygienic = flushed && mayInfect(context) ? withoutSoilHeat(context) : null;
  const named = courses.flatMap(({ given }) => given.wash?.methodIds ?? []);
  if ((named.length === 0 && asked.length === 0) || !context.rinsable) return [];
  const hottest = Math.max(...courses.map(({ given }) => given.wash?.tempC.max ?? 0), 0);
  const { instead, leftOut } = context.choices;
  const ids = [...new Set([...asked, ...named])]
    .flatMap((id) => (instead[id] === undefined ? [id] : [instead[id], id]))
    .filter((id) => !leftOut.includes(id));
  const fits = (id: string): EligibleMethod[] => {
    const method = context.index.methods.get(id);
    if (!method || !suitsPiece(method, context)) return [];
    const { eligible, candidate } = assessWash(asWash(method, hottest), context, hygienic);
    if (!eligible && candidate) notUsed.push({ methodId: id, findings: candidate.findings });
    return eligible ? [withNotes(eligible, context)] : [];
  };
  const found = ids.flatMap(fits);
  if (found.length === 0) {
    const plain = context.knowledge.methods.filter((method) => isPlainWash(method, context));
    return [
      ...plain.filter(({ inMachine }) => inMachine),
      ...plain.filter(({ inMachine }) => !inMachine),
    ].flatMap(({ id }) => fits(id));
  }
  // A tag with a machine wash saves the hands; without one they come first.
  const byMachine = context.facts.piece.label?.wash?.kind === 'machine';
  const handy = found.sort(
    (a, b) => (byMachine ? 1 : -1) * (Number(b.method.inMachine) - Number(a.method.inMachine)),
  );
  if (context.marks.length > 1) handy.sort((a, b) => middle(b) - middle(a));
  if (hygienic) handy.sort((a, b) => Number(killsGerms(b, context)) - Number(killsGerms(a, context)));
  return handy.sort((a, b) => a.missingAgentIds.length - b.missingAgentIds.length);
}

/** Hotter than the soil bears where that kills germs: by heat alone, or by oxygen in a cooler wash. */
function assessWash(
  wash: Method,
  context: PlanContext,
  hygienic: PlanContext | null,
): ReturnType<typeof assessStep> {
  if (hygienic) {
    const hot = assessStep(wash, hygienic);
    if (hot.eligible && killsGerms(hot.eligible, context)) return hot;
  }
  return assessStep(wash, context);
}

const killsGerms = ({ method, window }: EligibleMethod, { index }: PlanContext): boolean =>
  window.tempC.target >= HYGIENE_C || index.factsOf(method).chemistries.includes('percarbonate');

/** What a followed position puts into the drum counts among what comes on the piece. */
function withNotes(eligible: EligibleMethod, context: PlanContext): EligibleMethod {
  const agents = drumNotes(eligible, context).flatMap(({ agent }) => agent ?? []);
  return agents.length > 0
    ? { ...eligible, appliedAgents: [...eligible.appliedAgents, ...agents] }
    : eligible;
}

export const drumNotes = ({ method }: EligibleMethod, context: PlanContext): PositionNote[] =>
  method.inMachine ? positionNotes('wash', method, context) : [];

/** Germs of a sick person, or what a nappy holds: once it is lifted and flushed cold, heat goes before the mark. */
function mayInfect({ marks, item, knowledge }: PlanContext): boolean {
  const isOfUse = knowledge.clothKinds.some(
    ({ itemIds, hygieneId }) => hygieneId !== null && itemIds.includes(item.id),
  );
  return marks.some(
    (work) => work.isBodyFluid && (isOfUse || work.components.some(({ component }) => component.infectious)),
  );
}

/** The case without the heat the soil itself would bar. */
const withoutSoilHeat = oncePerPlan((context: PlanContext): PlanContext => {
  const { envelope } = context;
  const limits = envelope.tempC.limits.filter(({ owner }) => owner.kind !== 'soil');
  const max = Math.min(OPEN_TEMP_C, ...limits.map(({ maxC }) => maxC));
  const marks = context.marks.map((work) => ({
    ...work,
    components: work.components.map((one) => ({
      ...one,
      component: { ...one.component, plainWashMaxC: null },
    })),
  }));
  return { ...context, marks, envelope: { ...envelope, tempC: { ...envelope.tempC, max, limits } } };
});

const middle = ({ book }: EligibleMethod): number => book.low + book.high;

/** Detergent and water, by machine or in a basin, made for no piece or position in particular. */
const isPlainWash = (method: Method, { index }: PlanContext): boolean =>
  !method.washAfter &&
  (method.inMachine || method.liquorRatioLPerKg !== null) &&
  method.itemIds.length === 0 &&
  index.factsOf(method).agents.length === 1 &&
  index.factsOf(method).agents.every((agent) => agent.washRole !== null);
