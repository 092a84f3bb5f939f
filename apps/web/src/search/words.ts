import { stemOf } from '@feverfew/contracts';

/** Words that carry nothing: "what is this on my …". */
const STOP = new Set(
  (
    'a an the on of and or in from with my his her our your is it its this that these to at has have got went gone i me ' +
    'some for all into off onto by was are what whats dont know do not sure help please how get out remove clean'
  ).split(' '),
);
/** Words that say only that something is there: a name may need them, a question does not. */
const WEAK = new Set(
  'stain mark spot spill spilt spilled splash splashed drop leaked leak dirty stained'.split(' ').map(stemOf),
);

/** Words of a text, without accents, apostrophes and endings. */
export const stemsOf = (text: string): string[] =>
  (
    text
      .normalize('NFD')
      .replace(/\p{M}|['’]/gu, '')
      .toLowerCase()
      .match(/[\p{L}\d]+/gu) ?? []
  ).map(stemOf);

export const isStop = (stem: string): boolean => STOP.has(stem);
export const isWeak = (stem: string): boolean => WEAK.has(stem);

/** Words that count, stop words left out; all of them where nothing else was typed. */
export function tellingOf(text: string): string[] {
  const stems = stemsOf(text);
  const telling = stems.filter((stem) => !isStop(stem));
  return telling.length > 0 ? telling : stems;
}

/** "sweat, fresh" is called sweat; "white wine or cider" is called either. */
export const alternativesOf = (name: string): string[] =>
  (name.split(/[,(]/)[0] ?? name)
    .split(/ or /)
    .map((one) => one.trim())
    .filter((one) => one !== '');
