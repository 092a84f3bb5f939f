import {
  PEOPLE_FACTS,
  type PeopleFact,
  type ReadFact,
  type ReadKind,
  type SentenceReading,
  type TroubleFacts,
} from '@feverfew/contracts';
import {
  AGE_WORDS,
  type BlankId,
  COLOUR_WORDS,
  CONDITION_WORDS,
  HEAT_WORDS,
  SIZE_TEXT,
} from '../../../facts/sentenceView';

/** A stretch of the typed sentence, with what it was read as. */
export interface SaidPart {
  readonly from: number;
  readonly text: string;
  /** What it tells, in a word or two; null for the small words between. */
  readonly caption: string | null;
  /** `held` is in the facts, `changed` no longer does, `unread` was not understood. */
  readonly state: 'held' | 'changed' | 'unread' | 'plain';
  /** Where it is changed. */
  readonly blank: BlankId | null;
}

/** Where each kind of fact is changed; those without a place are only shown. */
const BLANK_OF: Readonly<Partial<Record<ReadKind, BlankId>>> = {
  mark: 'mark',
  item: 'piece',
  piece: 'piece',
  fibre: 'fibres',
  unknown: 'fibres',
  colour: 'colour',
  age: 'age',
  wetness: 'wetness',
  heat: 'heat',
  size: 'size',
  label: 'tag',
  code: 'code',
  tried: 'tried',
  condition: 'condition',
  person: 'mentioned',
  inHouse: 'mentioned',
};

const CAPTIONS: Readonly<Partial<Record<ReadKind, string>>> = {
  mark: 'trouble',
  item: 'piece',
  fibre: 'fibre',
  colour: 'colour',
  make: 'make',
  place: 'where on it',
  label: 'tag',
  code: 'code',
  tried: 'tried',
  inHouse: 'in the house',
  asked: 'only asked',
  due: 'wanted by then',
  unknown: 'not known',
};
const PEOPLE: Readonly<Record<string, string>> = {
  baby: 'a baby',
  child: 'a child',
  pets: 'an animal',
  asthma: 'asthma',
  pregnancy: 'pregnancy',
  sensitive: 'sensitive skin',
};

/** The sentence in its order: each stretch that tells something, what was not understood, and the words between. */
export function saidView(
  said: string,
  { reads, unread }: SentenceReading,
  facts: TroubleFacts,
  nameOf: (id: string) => string,
): readonly SaidPart[] {
  const told = groupsOf(reads).map(
    (group): SaidPart => ({
      from: group.from,
      text: said.slice(group.from, group.to),
      caption: [...new Set(group.reads.map((read) => captionOf(read, nameOf)))].join(', '),
      state: group.reads.every((read) => isHeld(read, facts)) ? 'held' : 'changed',
      blank: group.reads.map((read) => blankOf(read, facts)).find((blank) => blank !== undefined) ?? null,
    }),
  );
  const missed = unread.map(
    ({ text, from }): SaidPart => ({
      from,
      text,
      caption: 'not used',
      state: 'unread',
      blank: null,
    }),
  );
  return withBetween(
    said,
    [...told, ...missed].sort((a, b) => a.from - b.from),
  );
}

/** Who is not guarded by plans has no place; nor has what was taken out of the plan altogether. */
function blankOf(
  { kind, value }: ReadFact,
  { people = [], inHouse = [] }: TroubleFacts,
): BlankId | undefined {
  const blank = BLANK_OF[kind];
  if (blank !== 'mentioned') return blank;
  const isKnown = kind === 'inHouse' || isGuardable(value);
  return isKnown && people.length + inHouse.length > 0 ? blank : undefined;
}

interface Group {
  readonly from: number;
  readonly to: number;
  readonly reads: readonly ReadFact[];
}

/** Facts read from the same words are together: "wool rug" is a rug, and wool. */
function groupsOf(reads: readonly ReadFact[]): readonly Group[] {
  const sorted = [...reads].sort((a, b) => a.from - b.from || b.to - a.to);
  return sorted.reduce<Group[]>((groups, read) => {
    const last = groups.at(-1);
    if (!last || read.from >= last.to) groups.push({ from: read.from, to: read.to, reads: [read] });
    else
      groups[groups.length - 1] = {
        from: last.from,
        to: Math.max(last.to, read.to),
        reads: [...last.reads, read],
      };
    return groups;
  }, []);
}

function captionOf({ kind, value, text }: ReadFact, nameOf: (id: string) => string): string {
  switch (kind) {
    case 'mark':
    case 'item':
    case 'fibre': {
      const name = nameOf(value);
      return isSaidIn(name, text) ? (CAPTIONS[kind] ?? name) : name;
    }
    case 'colour':
      return wordOf(COLOUR_WORDS, value) === text.toLowerCase() ? 'colour' : wordOf(COLOUR_WORDS, value);
    case 'age':
      return wordOf(AGE_WORDS, value);
    case 'heat':
      return wordOf(HEAT_WORDS, value);
    case 'size':
      return wordOf(SIZE_TEXT, value);
    case 'condition':
      return wordOf(CONDITION_WORDS, value);
    case 'person':
      return PEOPLE[value] ?? 'in the house';
    case 'count':
      return value === 'several' ? 'several' : `${value} pieces`;
    default:
      return CAPTIONS[kind] ?? value;
  }
}

const wordOf = (words: Readonly<Record<string, string>>, value: string): string => words[value] ?? value;

/** The name says no more than the words do. */
const isSaidIn = (name: string, text: string): boolean =>
  name.split(/ or |, /).some((one) => text.toLowerCase().includes(one.toLowerCase()));

const isGuardable = (value: string): value is PeopleFact => PEOPLE_FACTS.some((one) => one === value);

/** The fact still is as it was read; what has no place of its own in the facts always does. */
function isHeld({ kind, value }: ReadFact, facts: TroubleFacts): boolean {
  const { piece } = facts;
  const fibreIds = piece.parts.flatMap((part) => part.fibres.map(({ fibreId }) => fibreId));
  switch (kind) {
    case 'person':
      return !isGuardable(value) || (facts.people ?? []).includes(value);
    case 'inHouse':
      return (facts.inHouse ?? []).includes(value);
    case 'mark':
      return facts.markIds.includes(value);
    case 'item':
      return piece.itemId === value;
    case 'fibre':
      return fibreIds.length === 0 || fibreIds.includes(value);
    case 'colour':
      return piece.colour === value;
    case 'age':
      return facts.age === value;
    case 'wetness':
      return facts.wetness === value;
    case 'heat':
      return facts.heat === value;
    case 'size':
      return facts.size === value;
    case 'tried':
      return facts.tried.some(({ agentId }) => agentId === value);
    default:
      return true;
  }
}

function withBetween(said: string, parts: readonly SaidPart[]): readonly SaidPart[] {
  const plain = (from: number, to: number): SaidPart[] => {
    const text = said.slice(from, to).trim();
    return !/[\p{L}\d]/u.test(text) ? [] : [{ from, text, caption: null, state: 'plain', blank: null }];
  };
  let at = 0;
  const all = parts.flatMap((part) => {
    const before = plain(at, part.from);
    at = Math.max(at, part.from + part.text.length);
    return [...before, part];
  });
  return [...all, ...plain(at, said.length)];
}
