import type { ReadingRules } from '@feverfew/knowledge';
import type { FoundMark } from './phrase.js';
import type { SentenceCatalogue } from './phraseBook.js';

/** What is given in the sentence besides a trouble. */
interface Besides {
  readonly itemId: string | null;
  /** Products that were put on it. */
  readonly triedIds: readonly string[];
  readonly age: string | null;
  readonly place: string | null;
}

type Where = ReadingRules['markRules'][number]['where'];

/**
 * Each trouble with the cause that the same sentence gives, each once.
 * @param textOf the words a trouble was read from
 */
export function settledMarks(
  marks: readonly FoundMark[],
  besides: Besides,
  textOf: (mark: FoundMark) => string,
  { markRules }: ReadingRules,
): readonly FoundMark[] {
  const settled = marks.map((mark) => {
    const rule = markRules.find(
      ({ markIds, where }) => markIds.includes(mark.markId) && holds(where, besides, textOf(mark)),
    );
    return { ...mark, markId: rule?.isThen ?? mark.markId };
  });
  return settled.filter(({ markId }, at) => settled.findIndex((one) => one.markId === markId) === at);
}

function holds(where: Where, { itemId, triedIds, age, place }: Besides, text: string): boolean {
  const { places, notPlaces, itemIds, ages, begins } = where;
  const words = text.toLowerCase();
  return (
    (where.triedIds?.some((id) => triedIds.includes(id)) ?? true) &&
    (places?.includes(place ?? '') ?? true) &&
    !(notPlaces?.includes(place ?? '') ?? false) &&
    (itemIds?.includes(itemId ?? '') ?? true) &&
    (ages?.some((one) => one === age) ?? true) &&
    (begins?.some((start) => words.startsWith(start)) ?? true)
  );
}

/** What is fresh is wet, what was spilt days ago is dry; null = the age tells nothing of it. */
export function wetnessBy(
  age: string | null,
  markIds: readonly string[],
  { marks, readingRules }: Pick<SentenceCatalogue, 'marks' | 'readingRules'>,
): 'wet' | 'dry' | null {
  const isMark = (id: string) => marks.find((mark) => mark.id === id)?.kind === 'mark';
  const isSpilt = markIds.some((id) => !readingRules.notSpiltMarkIds.includes(id) && isMark(id));
  if (!isSpilt || age === null) return null;
  return age === 'minutes' ? 'wet' : age === 'hours' ? null : 'dry';
}
