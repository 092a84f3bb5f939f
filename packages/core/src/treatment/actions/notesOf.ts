import type { Deed, Method, Note } from '@feverfew/knowledge';
import { solventsEver } from '../case/residues.js';
import { sayable } from '../case/sayable.js';
import type { ActionsInput } from './actionsInput.js';

type Kind = keyof Method['notes'];

/** Whether the pass begins by rinsing out what was put on the piece before. */
export function rinsesFirst({ eligible: { method }, context, inRound }: ActionsInput): boolean {
  const residue = context.residues.length > 0 && !inRound.wetted;
  return residue && method.wetting !== 'dry' && context.envelope.wetting.most !== 'dry';
}

/** Lines of the method, or given ones, that may be said at this step of the pass. */
export function notesOf(input: ActionsInput, notes: Kind | readonly Note[]): string[] {
  const { eligible, context } = input;
  const lines = typeof notes === 'string' ? eligible.method.notes[notes] : notes;
  if (!lines || lines.length === 0) return [];
  return sayable(lines, context, {
    unwetted: !rinsesFirst(input) && !input.inRound.wetted,
    bars: passBars(input),
  });
}

/** What the fibres of the piece want said when it is soaked as a whole: before, and once it is seen to be clean. */
export function fibreNotes(input: ActionsInput, when: 'beforeSoak' | 'afterLook'): string[] {
  const { eligible, context } = input;
  if (eligible.method.wetting !== 'immersion') return [];
  const notes = context.facts.piece.parts.flatMap((part) =>
    part.fibres.flatMap(({ fibreId }) => context.index.fibres.get(fibreId)?.[when] ?? []),
  );
  return notesOf(input, [...new Set(notes)]);
}

/** What the cautions of the pass bar: a dryer after a solvent, whatever a line says. */
function passBars({ eligible, context }: ActionsInput): ReadonlySet<Deed> {
  return new Set(
    [...eligible.appliedAgents, ...context.residues, ...solventsEver(context)].flatMap((agent) =>
      agent.cautionIds.flatMap((id) => context.index.cautions.get(id)?.bars ?? []),
    ),
  );
}
