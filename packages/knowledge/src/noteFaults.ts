import { courseNotes } from './courseNotes.js';
import { STANDING_NOTES } from './data/standingNotes.js';
import { deedsSpokenOf } from './deedsSpokenOf.js';
import type { Knowledge } from './knowledge.js';
import type { Note } from './schema/note.js';

/** Every line of the knowledge for a step, a piece or a trouble, by its place. */
function notesOf(knowledge: Knowledge): (readonly [string, Note])[] {
  const named = (place: string, notes: readonly Note[]) => notes.map((note) => [place, note] as const);
  return [
    ...knowledge.methods.flatMap(({ id, notes }) => named(`methods.${id}`, Object.values(notes).flat())),
    ...knowledge.positions.flatMap(({ id, effect }) =>
      effect.kind === 'note' ? named(`positions.${id}`, [effect.note]) : [],
    ),
    ...knowledge.marks.flatMap(({ id, advice }) => named(`marks.${id}`, advice)),
    ...knowledge.items.flatMap(({ id, notes }) => named(`items.${id}`, notes)),
    ...knowledge.fibres.flatMap(({ id, beforeSoak, afterLook }) =>
      named(`fibres.${id}`, [...beforeSoak, ...afterLook]),
    ),
    ...knowledge.courses.flatMap((course) => named(`courses.${course.id}`, courseNotes(course))),
    ...named('standing notes', Object.values(STANDING_NOTES)),
  ];
}

/** Lines that cannot be filtered or checked: no condition, silent on what they speak of, or against themselves. */
export function noteFaults(knowledge: Knowledge): string[] {
  const notes = notesOf(knowledge);
  const meanings = new Map<string, string>();
  return notes.flatMap(([place, note]) => {
    const said = [...note.asks, ...note.bars, ...note.names];
    const silent = deedsSpokenOf(note.text).filter((deed) => !said.includes(deed));
    const both = note.asks.filter((deed) => note.bars.includes(deed));
    const meaning = JSON.stringify([[...note.asks].sort(), [...note.bars].sort()]);
    const other = meanings.get(note.text) ?? meaning;
    meanings.set(note.text, other);
    return [
      ...(note.when === undefined ? [`${place}: "${note.text}" has no condition, not even "always"`] : []),
      ...silent.map(
        (deed) => `${place}: "${note.text}" speaks of ${deed} and does not say whether it asks for it`,
      ),
      ...both.map((deed) => `${place}: "${note.text}" asks for ${deed} and forbids it`),
      ...(other === meaning ? [] : [`${place}: "${note.text}" means something else elsewhere`]),
    ];
  });
}
