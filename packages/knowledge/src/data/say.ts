import type { Note } from '../schema/note.js';
import type { Deed } from '../schema/vocabulary.js';

interface Said {
  readonly asks?: Deed[];
  readonly bars?: Deed[];
  readonly names?: Deed[];
}

/** A note said wherever its step is; what it asks for still has to be allowed on the piece. */
export const always = (text: string, { asks = [], bars = [], names = [] }: Said = {}): Note => ({
  text,
  when: 'always',
  asks,
  bars,
  names,
});

/** A note said only where all of this holds. */
export const where = (when: Exclude<Note['when'], 'always'>, text: string, said: Said = {}): Note => ({
  ...always(text, said),
  when,
});
