import type { Knowledge, Mark, SoilComponent, TroubleKind } from '@feverfew/knowledge';
import { indexKnowledge } from '../lookup/knowledgeIndex.js';
import { type Cause, diagnose, diagnosisOf, isAnswered, MIN_CAUSE } from './diagnose.js';
import type { TroubleFacts } from './troubleFacts.js';

/** One trouble as the planner works on it: what of it is left, in shares that sum to 1. */
export interface WorkMark {
  readonly mark: Mark;
  /** Marks whose rules count: itself, or the causes a diagnosis has left. */
  readonly causes: readonly { readonly mark: Mark; readonly share: number }[];
  readonly kinds: ReadonlySet<TroubleKind>;
  /** It, or one of its causes, comes from a body. */
  readonly isBodyFluid: boolean;
  readonly components: readonly { readonly component: SoilComponent; readonly weight: number }[];
}

/** The entered troubles, in a fixed order, without the marks that are gone. A trouble that is gone drops out. */
export function workMarks(facts: TroubleFacts, knowledge: Knowledge): WorkMark[] {
  const { marks } = indexKnowledge(knowledge);
  return [...new Set(facts.markIds)].sort().flatMap((markId) => {
    const mark = marks.get(markId);
    return mark ? (workMark(mark, facts, knowledge) ?? []) : [];
  });
}

/**
 * The same with nothing gone: protection of people outlasts the mark, since a trace of it is invisible.
 */
export const toldMarks = (facts: TroubleFacts, knowledge: Knowledge): WorkMark[] =>
  facts.goneComponentIds.length === 0
    ? workMarks(facts, knowledge)
    : workMarks({ ...facts, goneComponentIds: [] }, knowledge);

function workMark(mark: Mark, facts: TroubleFacts, knowledge: Knowledge): WorkMark | null {
  const index = indexKnowledge(knowledge);
  const causes = causesOf(mark, facts, knowledge).flatMap(({ markId, share }) => {
    const cause = index.marks.get(markId);
    return cause ? [{ mark: cause, share }] : [];
  });
  const weights = new Map<string, number>();
  for (const { mark: cause, share } of causes) {
    for (const { componentId, weight } of cause.components) {
      if (facts.goneComponentIds.includes(componentId)) continue;
      weights.set(componentId, (weights.get(componentId) ?? 0) + share * weight);
    }
  }
  const total = [...weights.values()].reduce((sum, weight) => sum + weight, 0);
  if (total === 0) return null;
  const components = [...weights].flatMap(([componentId, weight]) => {
    const component = index.components.get(componentId);
    return component ? [{ component, weight: weight / total }] : [];
  });
  return {
    mark,
    causes,
    kinds: new Set(causes.map((cause) => cause.mark.kind)),
    isBodyFluid: mark.bodyFluid || causes.some((cause) => cause.mark.bodyFluid),
    components,
  };
}

/** A trouble with several causes becomes those causes once a question has been answered. */
function causesOf(mark: Mark, facts: TroubleFacts, knowledge: Knowledge): readonly Cause[] {
  const diagnosis = diagnosisOf(mark.id, knowledge);
  if (!diagnosis || !isAnswered(diagnosis, facts.answers)) return [{ markId: mark.id, share: 1 }];
  const likely = diagnose(diagnosis, facts.answers).filter((cause) => cause.share >= MIN_CAUSE);
  const total = likely.reduce((sum, cause) => sum + cause.share, 0);
  return likely.map(({ markId, share }) => ({ markId, share: share / total }));
}
