import { deedsSpokenOf } from '../../deedsSpokenOf.js';
import type { Note } from '../../schema/note.js';
import type { Deed } from '../../schema/vocabulary.js';
import { always } from '../say.js';

export type Line = string | Note;

/** A line that tells a person to do what it speaks of. */
export const does = (text: string, names: Deed[] = []): Note => {
  const asked = deedsSpokenOf(text.replace(FORBIDDEN_THERE, '')).filter((deed) => !names.includes(deed));
  const dry: Deed[] = NO_WATER.test(text) ? ['water'] : [];
  return always(text, {
    asks: asked,
    bars: dry,
    names: deedsSpokenOf(text).filter((deed) => !asked.includes(deed) && !dry.includes(deed)),
  });
};
const NO_WATER = /\bno water\b/i;
/** What a line tells a person not to do, among what it tells them to do. */
const FORBIDDEN_THERE = /\b(no more|no|not|never|without) \w+/gi;
/** A line that tells a person not to. */
export const leaves = (text: string, names: Deed[] = []): Note => {
  const spoken = deedsSpokenOf(text);
  return always(text, { bars: spoken.filter((deed) => !names.includes(deed)), names });
};
/** A line that only speaks of it. */
export const names = (text: string): Note => always(text, { names: deedsSpokenOf(text) });

/** A line for some cloth or some pieces only. */
export const only = (when: Exclude<Note['when'], 'always'>, text: string): Note => ({ ...does(text), when });

/** A line that tells a person not to, for some cloth or some pieces only. */
export const notOn = (when: Exclude<Note['when'], 'always'>, text: string): Note => ({
  ...leaves(text),
  when,
});
/** A line that only speaks of it, for some cloth or some pieces only. */
export const ofSome = (when: Exclude<Note['when'], 'always'>, text: string): Note => ({
  ...names(text),
  when,
});

/** Fibres that protein enzymes eat. */
export const EATEN_BY_ENZYMES = [
  'wool',
  'superwash',
  'cashmere',
  'mohair',
  'alpaca',
  'angora',
  'silk',
  'down',
  'leather',
];
/** Cloth that alkali harms. */
export const HARMED_BY_ALKALI = EATEN_BY_ENZYMES.filter((id) => id !== 'down' && id !== 'leather');

/** Lines given as text are made by this; the others stay as they are. */
export const lines = (make: (text: string) => Note, all: readonly Line[]): Note[] =>
  all.map((line) => (typeof line === 'string' ? make(line) : line));
