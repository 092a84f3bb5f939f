import type { Knowledge } from '@feverfew/knowledge';
import type { Plan } from '../plan/plan.js';
import type { Step } from '../plan/step.js';

/** Chemistries poured in one step, looked up in the bare knowledge. */
export const chemistriesOf = (step: Step, knowledge: Knowledge): string[] =>
  step.ingredients.flatMap(
    (ingredient) => knowledge.agents.find((agent) => agent.id === ingredient.agentId)?.chemistries ?? [],
  );

/** Every fibre of every part; one that is not told counts as the unknown fibre. */
export const fibresOf = (plan: Plan, knowledge: Knowledge) =>
  (plan.facts.piece.parts.length > 0 ? plan.facts.piece.parts : [{ fibres: [] }])
    .flatMap((part) =>
      part.fibres.length > 0 ? part.fibres.map((share) => share.fibreId) : ['unknownFibre'],
    )
    .flatMap((id) => knowledge.fibres.filter((fibre) => fibre.id === id));
