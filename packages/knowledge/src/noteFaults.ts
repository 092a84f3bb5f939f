import { STANDING_NOTES } from './data/standingNotes.js';
import type { Knowledge } from './knowledge.js';
import type { Note } from './schema/note.js';
import type { Deed } from './schema/vocabulary.js';

/** Words that speak of a deed. A line that holds one must say what it means by it. */
const WORDS: readonly (readonly [Deed, RegExp])[] = [
  ['sun', /\bsun\b/i],
  ['tumble', /tumbl|dryer\b/i],
  ['brush', /\bbrush/i],
  ['bleach', /bleach|\boxygen\b|peroxide/i],
  ['chlorine', /chlorine/i],
  ['steam', /\bsteam/i],
  ['wring', /\bwring|\bspin\b/i],
  ['spray', /spray/i],
  ['heat', /\bhot\b|\bheat\b|\biron\b|\bwarm/i],
  ['rub', /\brub(bing)?\b/i],
  ['soap', /\bsoap\b/i],
  ['soda', /\bsoda\b/i],
  ['acid', /vinegar|\bacid\b/i],
  ['ammonia', /ammonia/i],
  ['solvent', /\bsolvent|\balcohol\b|thinner/i],
  ['softener', /softener/i],
  ['water', /\bno water\b|\bno liquid\b/i],
];

/** Every line the knowledge can say beside a step, a piece or a trouble, by where it stands. */
function notesOf(knowledge: Knowledge): (readonly [string, Note])[] {
  const named = (place: string, notes: readonly Note[]) => notes.map((note) => [place, note] as const);
  return [
    ...knowledge.methods.flatMap(({ id, notes }) => named(`methods.${id}`, Object.values(notes).flat())),
    ...knowledge.schools.flatMap(({ id, effect }) =>
      effect.kind === 'note' ? named(`schools.${id}`, [effect.note]) : [],
    ),
    ...knowledge.marks.flatMap(({ id, advice }) => named(`marks.${id}`, advice)),
    ...knowledge.items.flatMap(({ id, notes }) => named(`items.${id}`, notes)),
    ...knowledge.fibres.flatMap(({ id, beforeSoak, afterLook }) =>
      named(`fibres.${id}`, [...beforeSoak, ...afterLook]),
    ),
    ...named('standing notes', Object.values(STANDING_NOTES)),
  ];
}

/** Lines that cannot be filtered or checked: no condition, silent on what they speak of, or against themselves. */
export function noteFaults(knowledge: Knowledge): string[] {
  const notes = notesOf(knowledge);
  const meanings = new Map<string, string>();
  return notes.flatMap(([place, note]) => {
    const said = [...note.asks, ...note.bars, ...note.names];
    const silent = WORDS.filter(([deed, words]) => words.test(note.text) && !said.includes(deed));
    const both = note.asks.filter((deed) => note.bars.includes(deed));
    const meaning = JSON.stringify([[...note.asks].sort(), [...note.bars].sort()]);
    const other = meanings.get(note.text) ?? meaning;
    meanings.set(note.text, other);
    return [
      ...(note.when === undefined ? [`${place}: "${note.text}" has no condition, not even "always"`] : []),
      ...silent.map(
        ([deed]) => `${place}: "${note.text}" speaks of ${deed} and does not say whether it asks for it`,
      ),
      ...both.map((deed) => `${place}: "${note.text}" asks for ${deed} and forbids it`),
      ...(other === meaning ? [] : [`${place}: "${note.text}" means something else elsewhere`]),
    ];
  });
}
