import {
  type Agent,
  type ChemistryRule,
  type Fibre,
  type Item,
  type Knowledge,
  type PartKind,
  type SoilComponent,
  UNKNOWN_FIBRE_ID,
} from '@feverfew/knowledge';
import type { Household } from '../household/household.js';
import { indexKnowledge, type KnowledgeIndex } from '../lookup/knowledgeIndex.js';
import type { Action } from '../treatment/plan/action.js';
import type { Pass } from '../treatment/plan/pass.js';
import type { Plan } from '../treatment/plan/plan.js';

/** What a finished plan is held against, looked up once from the bare knowledge. Shares nothing with the planner. */
export interface PlanReading {
  readonly plan: Plan;
  readonly knowledge: Knowledge;
  readonly household: Household;
  readonly fibres: readonly Fibre[];
  readonly item: Item | undefined;
  readonly parts: readonly PartKind[];
  readonly components: readonly SoilComponent[];
  /** Every rule on a chemistry that the piece or the trouble brings with it. */
  readonly rules: readonly ChemistryRule[];
  readonly never: ReadonlySet<string>;
  readonly agentOf: (agentId: string) => Agent | undefined;
}

export function readPlan(plan: Plan, household: Household, knowledge: Knowledge): PlanReading {
  const index = indexKnowledge(knowledge);
  const { piece } = plan.facts;
  const fibres = fibresOf(plan, index);
  const item = index.items.get(piece.itemId ?? '');
  const parts = [...new Set(piece.parts.map((part) => part.name))].flatMap(
    (name) => index.partsByName.get(name) ?? [],
  );
  const components = componentsOf(plan, knowledge);
  const rules = [
    ...fibres.flatMap((fibre) => fibre.chemistry),
    ...parts.flatMap((part) => part.chemistry),
    ...(item?.chemistry ?? []),
    ...soilRules(components, plan, household, knowledge),
  ];
  const never = new Set<string>([
    ...rules.filter((rule) => rule.verdict === 'never').map((rule) => rule.chemistry),
    ...colourNever(plan),
  ]);
  return {
    plan,
    knowledge,
    household,
    fibres,
    item,
    parts,
    components,
    rules,
    never,
    agentOf: (agentId) => index.agents.get(agentId),
  };
}

/** Every fibre of every part; one that is not told counts as the unknown fibre. */
function fibresOf({ facts: { piece } }: Plan, index: KnowledgeIndex): Fibre[] {
  const parts = piece.parts.length > 0 ? piece.parts : [{ fibres: [] }];
  const ids = parts.flatMap((part) =>
    part.fibres.length > 0 ? part.fibres.map((share) => share.fibreId) : [UNKNOWN_FIBRE_ID],
  );
  return [...new Set(ids)].flatMap((id) => index.fibres.get(id) ?? []);
}

/** What is on the piece: the components of each mark, or of the causes its answers have left; less what is gone. */
function componentsOf({ facts, diagnoses }: Plan, knowledge: Knowledge): SoilComponent[] {
  const ids = facts.markIds.flatMap((markId) => {
    const diagnosis = knowledge.diagnoses.find((candidate) => candidate.markId === markId);
    const answered = diagnosis?.questions.some((question) =>
      question.answers.some((answer) => answer.id === facts.answers[question.id]),
    );
    const causes = answered
      ? (diagnoses.find((view) => view.markId === markId)?.causes ?? [])
          .filter((cause) => cause.share >= 0.1)
          .map((cause) => cause.markId)
      : [markId];
    return causes.flatMap(
      (id) =>
        knowledge.marks.find((mark) => mark.id === id)?.components.map((part) => part.componentId) ?? [],
    );
  });
  const left = new Set(ids.filter((id) => !facts.goneComponentIds.includes(id)));
  return knowledge.components.filter((component) => left.has(component.id));
}

/** Soil rules, less those a followed position lifts for a single fresh mark. */
function soilRules(
  components: readonly SoilComponent[],
  { facts }: Plan,
  household: Household,
  knowledge: Knowledge,
): ChemistryRule[] {
  const mark =
    facts.markIds.length === 1 ? knowledge.marks.find((one) => one.id === facts.markIds[0]) : undefined;
  const lifted = (mark?.exceptions ?? [])
    .filter((exception) => {
      const dispute = knowledge.schools.find((position) => position.id === exception.schoolId)?.dispute ?? '';
      const followed = facts.schools[dispute] ?? household.schools[dispute];
      return followed === exception.schoolId && exception.ages.includes(facts.age);
    })
    .map((exception) => exception.chemistry);
  return components.flatMap((component) =>
    component.chemistry.filter((rule) => !lifted.includes(rule.chemistry)),
  );
}

/** Chlorine never on colour; a reducer never on mid and dark dyes; little at all on a dye that has bled. */
function colourNever({ facts: { piece } }: Plan): string[] {
  if (piece.colour === 'white') return [];
  return [
    'chlorine',
    ...(['mid', 'dark', 'unknown'].includes(piece.colour) || piece.fastness === 'failed' ? ['reducer'] : []),
    ...(piece.fastness === 'failed'
      ? ['percarbonate', 'ammonia', 'strongAlkali', 'alcohol', 'ketone', 'ester']
      : []),
  ];
}

/** Chemistries poured in one step. */
export const chemistriesOf = (action: Action, { agentOf }: PlanReading): string[] =>
  action.ingredients.flatMap((ingredient) => agentOf(ingredient.agentId)?.chemistries ?? []);

/** Chemistries of a whole pass, wash included. */
export const chemistriesOfPass = (pass: Pass, reading: PlanReading): string[] =>
  pass.steps.flatMap((action) => chemistriesOf(action, reading));
