import type { Span } from './findSpans.js';
import { ofKind, type Parsed, valueOf } from './phrase.js';

/** Who stands in a name: "dog wee" tells of a dog. */
const IN_NAMES: Readonly<Record<string, string>> = {
  ...{ dog: 'pets', puppy: 'pets', cat: 'pets', kitten: 'pets', pup: 'pets', pet: 'pets' },
  ...{ baby: 'baby', cot: 'baby', nappy: 'baby', crib: 'baby', newborn: 'baby', babygrow: 'baby' },
};

/** People and animals that are told of, each once. */
export function peopleIn(
  parsed: Parsed,
): readonly { readonly span: Pick<Span, 'from' | 'to'>; readonly value: string }[] {
  const told = ofKind(parsed, 'person').map((span) => ({ span, value: valueOf(span, 'person') ?? '' }));
  const named = parsed.tokens.flatMap(({ stem }, at) => {
    const value = IN_NAMES[stem];
    return value ? [{ span: { from: at, to: at + 1 }, value }] : [];
  });
  const all = [...told, ...named];
  return all.filter(({ value }, at) => all.findIndex((one) => one.value === value) === at);
}
