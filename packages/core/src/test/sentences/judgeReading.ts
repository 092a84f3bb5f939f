import type { SentenceReading } from '../../sentence/reading.js';

/** A typed sentence with what it tells, as in `fixtures/sentences`. */
export interface ToldSentence {
  readonly id: string;
  readonly said: string;
  readonly facts: {
    readonly mark?: { readonly all: readonly (readonly string[])[]; readonly also: readonly string[] };
    readonly fibre?: { readonly any?: readonly string[]; readonly all?: readonly string[] };
  } & Readonly<Partial<Record<SimpleKind, readonly string[]>>>;
}

const SIMPLE = [
  'item',
  'construction',
  'colour',
  'age',
  'wetness',
  'heat',
  'size',
  'place',
  'label',
  'tried',
  'due',
  'people',
  'pieces',
  'inHouse',
  'askedAndUnknown',
] as const;
type SimpleKind = (typeof SIMPLE)[number];

export type Verdict = 'right' | 'lost' | 'wrong' | 'invented';

export interface JudgedFact {
  readonly kind: string;
  readonly verdict: Verdict;
  readonly told: string;
  readonly read: string;
}

/** Each fact of a sentence: read right, lost, read as something else, or read where nothing was given. */
export function judgeReading(sentence: ToldSentence, reading: SentenceReading): readonly JudgedFact[] {
  const { mark, fibre, ...simple } = sentence.facts;
  const read = valuesOf(reading);
  const judged: JudgedFact[] = [];
  const add = (kind: string, verdict: Verdict, told: unknown, values: readonly string[]) =>
    judged.push({ kind, verdict, told: JSON.stringify(told ?? null), read: values.join(' ') });
  const { markIds } = reading.facts;
  if (mark) {
    const known = new Set([...mark.all.flat(), ...mark.also]);
    const isWhole = mark.all.every((any) => any.some((id) => markIds.includes(id)));
    const isClean = markIds.every((id) => known.has(id));
    add('mark', markIds.length === 0 ? 'lost' : isWhole && isClean ? 'right' : 'wrong', mark.all, markIds);
  } else if (markIds.length > 0) add('mark', 'invented', null, markIds);
  const fibres = read.fibre;
  if (fibre) {
    const isRight = fibre.all
      ? fibre.all.every((id) => fibres.includes(id)) && fibres.every((id) => fibre.all?.includes(id))
      : fibres.length > 0 && fibres.every((id) => fibre.any?.includes(id));
    add('fibre', fibres.length === 0 ? 'lost' : isRight ? 'right' : 'wrong', fibre, fibres);
  } else if (fibres.length > 0) add('fibre', 'invented', null, fibres);
  for (const kind of SIMPLE) {
    const told = simple[kind];
    const values = read[kind];
    if (told) {
      const hits = values.filter((value) => told.includes(value));
      const isRight = kind === 'inHouse' ? told.every((id) => values.includes(id)) : hits.length > 0;
      add(kind, values.length === 0 ? 'lost' : isRight ? 'right' : 'wrong', told, values);
    } else if (values.length > 0 && kind !== 'construction') add(kind, 'invented', null, values);
  }
  return judged;
}

function valuesOf({
  reads,
  facts,
}: SentenceReading): Readonly<Record<SimpleKind | 'fibre', readonly string[]>> {
  const of = (kind: string) => reads.filter((one) => one.kind === kind).map(({ value }) => value);
  const wetness = facts.wetness === 'unknown' ? [] : [facts.wetness];
  return {
    fibre: of('fibre'),
    item: of('item'),
    construction: [...of('make'), ...of('condition')],
    colour: of('colour'),
    age: of('age'),
    wetness,
    heat: of('heat'),
    size: of('size'),
    place: of('place'),
    label: [...of('label'), ...of('code')],
    tried: of('tried'),
    due: of('due'),
    people: of('person'),
    pieces: of('count').map(() => 'many'),
    inHouse: of('inHouse'),
    askedAndUnknown: of('unknown'),
  };
}
