import type { PhraseSpan } from './findSpans.js';
import { isOf, ofKind, type Parsed, valueIn } from './phrase.js';
import { isChildsAge } from './readRest.js';

/** People and animals that are mentioned, each once. */
export function peopleIn(
  parsed: Parsed,
): readonly { readonly span: Pick<PhraseSpan, 'from' | 'to'>; readonly value: string }[] {
  const { whoInNames } = parsed.rules;
  const told = ofKind(parsed, 'person')
    .filter((span) => !isOf(span, 'age') || isChildsAge(parsed, span))
    .map((span) => ({ span, value: valueIn(span, 'person') ?? '' }));
  const named = parsed.tokens.flatMap(({ stem }, at) => {
    const who = Object.keys(whoInNames).find((one) => whoInNames[one]?.includes(stem));
    return who ? [{ span: { from: at, to: at + 1 }, value: who }] : [];
  });
  const all = [...told, ...named, ...ofSchool(parsed)];
  return all.filter(({ value }, at) => all.findIndex((one) => one.value === value) === at);
}

/** A school jumper is a child's, unless it is "my school jumper". */
function ofSchool(
  parsed: Parsed,
): { readonly span: Pick<PhraseSpan, 'from' | 'to'>; readonly value: string }[] {
  const at = parsed.tokens.findIndex(({ stem }) => stem === 'school');
  const isWorn =
    at >= 0 && parsed.spans.some((span) => isOf(span, 'item') && span.from <= at + 2 && span.to > at);
  return isWorn && !/\bmy\b[^,.]*\bschool\b/i.test(parsed.text)
    ? [{ span: { from: at, to: at + 1 }, value: 'child' }]
    : [];
}
