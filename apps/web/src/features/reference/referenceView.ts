import type { Reference } from '@feverfew/contracts';
import { type Option, searchOptions } from '../../search/searchOptions';

/** Families of the reference, in the order a person reaches for them. */
export const FAMILIES = [
  { id: 'marks', title: 'Troubles', one: 'trouble' },
  { id: 'courses', title: 'Courses', one: 'course' },
  { id: 'fibres', title: 'Fibres', one: 'fibre' },
  { id: 'items', title: 'Pieces', one: 'kind of piece' },
  { id: 'agents', title: 'Products', one: 'product' },
  { id: 'methods', title: 'Methods', one: 'method' },
  { id: 'components', title: 'Soils', one: 'soil' },
  { id: 'codes', title: 'Tags and codes', one: 'sign' },
  { id: 'hazards', title: 'What may not meet', one: 'hazard' },
  { id: 'positions', title: 'Opinions', one: 'opinion' },
  { id: 'words', title: 'Words', one: 'word' },
] as const;
export type FamilyId = (typeof FAMILIES)[number]['id'];

/** Families that are read as one page. */
export const ONE_PAGE: readonly FamilyId[] = ['codes', 'hazards', 'positions', 'words'];

export const isFamily = (id: string | undefined): id is FamilyId =>
  FAMILIES.some((family) => family.id === id);

/** Names of a family for its list and search. */
export function entriesOf(family: FamilyId, reference: Reference): Option[] {
  const plain = ({ id, name }: { id: string; name: string }): Option => ({ id, name, aliases: [] });
  const named = ({
    id,
    name,
    aliases,
  }: {
    id: string;
    name: string;
    aliases: readonly string[];
  }): Option => ({
    id,
    name,
    aliases,
  });
  const byName = (a: Option, b: Option) => a.name.localeCompare(b.name, 'en');
  switch (family) {
    case 'marks':
      return reference.marks.map(named).sort(byName);
    case 'courses':
      return reference.courses.map((course) => courseOption(course, reference)).sort(byName);
    case 'fibres':
      return reference.fibres.map(named);
    case 'items':
      return reference.items.map(named).sort(byName);
    case 'agents':
      return reference.agents.map(named);
    case 'methods':
      return reference.methods.map(plain).sort(byName);
    case 'components':
      return reference.components.map(plain).sort(byName);
    default:
      return [];
  }
}

/** A record of any shelf, as the search over all of them finds it. */
export interface Entry extends Option {
  readonly family: FamilyId;
  /** What it is: "fibre". */
  readonly one: string;
}

const everyEntry = new WeakMap<Reference, readonly Entry[]>();

/** Records of all shelves, in the order of the shelves. */
function everything(reference: Reference): readonly Entry[] {
  const known = everyEntry.get(reference);
  if (known) return known;
  const all = FAMILIES.flatMap(({ id: family, one }) =>
    entriesOf(family, reference).map((entry) => ({ ...entry, family, one })),
  );
  everyEntry.set(reference, all);
  return all;
}

/** How many records each shelf has; those that are read as one page are left out. */
export const shelfCounts = (reference: Reference): ReadonlyMap<FamilyId, number> =>
  new Map(FAMILIES.map(({ id }) => [id, entriesOf(id, reference).length]));

/** What is found by a word on any shelf: those of just this name first, and of these and of the rest the open shelf's. */
export function findEntries(query: string, shelf: FamilyId, reference: Reference): readonly Entry[] {
  const word = query.trim().toLowerCase();
  if (word === '') return [];
  const isExact = ({ name, aliases }: Entry) => [name, ...aliases].some((one) => one.toLowerCase() === word);
  const rank = (entry: Entry) => (isExact(entry) ? 0 : 2) + (entry.family === shelf ? 0 : 1);
  return searchOptions(everything(reference), query).toSorted((a, b) => rank(a) - rank(b));
}

/** A course is found by the names of its troubles too. */
function courseOption({ id, name, markIds }: Reference['courses'][number], { marks }: Reference): Option {
  const own = marks.filter((mark) => markIds.includes(mark.id));
  return { id, name, aliases: own.flatMap((mark) => [mark.name, ...mark.aliases]) };
}

/** The course of a trouble; every trouble has one. */
export const courseOf = (markId: string, { courses }: Reference): Reference['courses'][number] | undefined =>
  courses.find((course) => course.markIds.includes(markId));

/** Methods that hold an agent. */
export const methodsWithAgent = (agentId: string, { methods }: Reference): string[] =>
  methods.filter((method) => method.agents.some((use) => use.agentId === agentId)).map((method) => method.id);

export const marksWith = (componentId: string, { marks }: Reference): string[] =>
  marks
    .filter((mark) => mark.components.some((part) => part.componentId === componentId))
    .map((mark) => mark.id);

export const itemsOf = (fibreId: string, { items }: Reference): string[] =>
  items
    .filter((item) => item.defaultFibres.some((share) => share.fibreId === fibreId))
    .map((item) => item.id);

/** What a method's agents and ways do. */
function mechanismsOf(method: Reference['methods'][number], { agents }: Reference): Set<string> {
  return new Set([
    ...method.extraMechanisms,
    ...method.agents.flatMap((use) => agents.find((agent) => agent.id === use.agentId)?.mechanisms ?? []),
  ]);
}

/** Methods made for a kind of trouble that move one of its components. */
export function methodsForMark(mark: Reference['marks'][number], reference: Reference): string[] {
  return reference.methods
    .filter((method) => {
      if (method.courseOnly || !method.kinds.includes(mark.kind)) return false;
      const mechanisms = mechanismsOf(method, reference);
      return mark.components.some(({ componentId, weight }) => {
        const component = reference.components.find((candidate) => candidate.id === componentId);
        const aimed = method.componentIds.length === 0 || method.componentIds.includes(componentId);
        return (
          aimed && weight >= 0.2 && component?.removal.some((removal) => mechanisms.has(removal.mechanism))
        );
      });
    })
    .map((method) => method.id);
}

/** Agents a chemistry's forbidden partners are found in. */
export function forbiddenWith(agentId: string, reference: Reference) {
  const own = reference.agents.find((agent) => agent.id === agentId)?.chemistries ?? [];
  return reference.forbiddenPairs.flatMap((pair) => {
    const other = own.includes(pair.a) ? pair.b : own.includes(pair.b) ? pair.a : null;
    if (other === null) return [];
    const ids = reference.agents
      .filter((agent) => agent.chemistries.includes(other) && agent.id !== agentId)
      .map((agent) => agent.id);
    return ids.length > 0 ? [{ pair, ids }] : [];
  });
}
