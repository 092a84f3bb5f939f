import { type Agent, type Method, type Note, PROGRAMMES, type Programme } from '@feverfew/knowledge';
import { windowOf } from '../../envelope/envelope.js';
import { agentGates } from '../../gates/agentGates.js';
import { agentById } from '../../lookup/agentById.js';
import type { PlanContext } from '../case/planContext.js';
import { positionNotes } from '../case/positionNotes.js';

/** The wash that follows a method: what goes into it, how strong, what to mind. */
export interface WashAfter {
  readonly agents: readonly Agent[];
  readonly programme: Programme;
  readonly notes: readonly Note[];
}

/** Null where nothing is washed after, nothing drains, or no detergent fits. */
export function washAfter(method: Method, context: PlanContext): WashAfter | null {
  const { envelope, household, rinsable, knowledge } = context;
  const allowed = envelope.programme.most;
  const programme: Programme =
    !household.hasMachine && PROGRAMMES.indexOf(allowed) > PROGRAMMES.indexOf('hand') ? 'hand' : allowed;
  if (!method.washAfter || !rinsable || programme === 'none') return null;
  const detergent = washDetergent(context);
  if (!detergent) return null;
  const mates = method.washAgentIds
    .map((id) => agentById(knowledge, id))
    .filter((agent) => mayJoin(agent, detergent, context));
  const followed = positionNotes('wash', method, context);
  const added = followed.filter((note) => note.agent === null || mayJoin(note.agent, detergent, context));
  return {
    agents: [detergent, ...mates, ...added.flatMap((note) => note.agent ?? [])],
    programme,
    notes: [...(method.notes.wash ?? []), ...added.map(({ note }) => note)],
  };
}

function mayJoin(agent: Agent, detergent: Agent, context: PlanContext): boolean {
  return (
    context.index.pairsBetween(agent, detergent).length === 0 &&
    agentGates(agent, context.household, context.facts.piece, context.item).length === 0 &&
    isBorne(agent, context)
  );
}

/** Allowed on the piece, and nothing that may still be in it may never meet it. */
function isBorne(agent: Agent, { envelope, residues, index }: PlanContext): boolean {
  return (
    agent.chemistries.every((chemistry) => windowOf(envelope, chemistry).verdict !== 'never') &&
    residues.every((tried) => index.pairsBetween(tried, agent).every((pair) => pair.apart === 'rinse'))
  );
}

/** Enzymes for protein where the fibre bears them; the mildest detergent that fits otherwise. */
function washDetergent(context: PlanContext): Agent | undefined {
  const { envelope, knowledge, marks } = context;
  const proteinaceous = marks.some((work) =>
    work.components.some(({ component }) => component.proteinaceous),
  );
  const order = proteinaceous
    ? (['enzyme', 'everyday', 'delicate'] as const)
    : (['everyday', 'delicate'] as const);
  return order
    .flatMap((role) => knowledge.agents.filter((agent) => agent.washRole === role))
    .find(
      (agent) =>
        agent.pH.low >= envelope.pH.min && agent.pH.high <= envelope.pH.max && isBorne(agent, context),
    );
}
