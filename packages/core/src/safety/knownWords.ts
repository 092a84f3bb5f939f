import {
  type Caution,
  courseNotes,
  ifStillWet,
  type Knowledge,
  type Note,
  STANDING_NOTES,
} from '@feverfew/knowledge';

/** Every line and caution the knowledge can say, by its text or id. */
export interface Words {
  readonly noteOf: (text: string) => Note | undefined;
  readonly cautionOf: (id: string) => Caution | undefined;
}

/** What guards a person asks nothing of the piece. */
const GUARD: Omit<Note, 'text'> = { when: 'always', asks: [], bars: [], names: [] };

const words = new WeakMap<Knowledge, Words>();

/** Every line a plan may say, by its text, so that what it asks for is looked up and not believed. */
export function wordsOf(knowledge: Knowledge): Words {
  const known = words.get(knowledge);
  if (known) return known;
  const notes: readonly Note[] = [
    ...knowledge.methods.flatMap((method) => Object.values(method.notes).flat()),
    ...knowledge.positions.flatMap(({ effect }) => (effect.kind === 'note' ? [effect.note] : [])),
    ...knowledge.courses.flatMap(courseNotes),
    ...knowledge.marks.flatMap((mark) => mark.advice),
    ...knowledge.items.flatMap((item) => item.notes),
    ...knowledge.fibres.flatMap((fibre) => [...fibre.beforeSoak, ...fibre.afterLook]),
    ...Object.values(STANDING_NOTES),
    ...knowledge.cautions.flatMap(({ first }) => (first === null ? [] : [{ ...GUARD, text: first }])),
  ];
  const ifFresh = knowledge.courses.flatMap(({ atOnce }) => [...atOnce.garment, ...atOnce.surface]);
  const noteByText = new Map([
    ...notes.map((note) => [note.text, note] as const),
    ...ifFresh.map((note) => [ifStillWet(note.text), note] as const),
  ]);
  const cautionById = new Map(knowledge.cautions.map((caution) => [caution.id, caution]));
  const made: Words = {
    noteOf: (text) => noteByText.get(text),
    cautionOf: (id) => cautionById.get(id),
  };
  words.set(knowledge, made);
  return made;
}
