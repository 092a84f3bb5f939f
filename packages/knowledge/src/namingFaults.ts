import { FIBRE_WORDS, isDenied, PIECE_AS_TOOL, PIECE_WORDS, PRODUCT_WORDS } from './data/senseWords.js';
import type { Knowledge } from './knowledge.js';
import type { Course, CoursePass } from './schema/course.js';
import type { Note } from './schema/note.js';

/** A text, with what it is kept to. */
interface Kept {
  readonly place: string;
  readonly text: string;
  readonly fibreIds: readonly string[];
  readonly itemIds: readonly string[];
  /** Chemistries, and products by their id. */
  readonly uses: readonly string[];
  /** A warning may name a product that the plan does not use. */
  readonly mayNameProducts: boolean;
  /** It tells what not to do. */
  readonly bans: boolean;
  /** What the passes of its course use. */
  readonly used: readonly string[];
}

/** Texts that name a fibre, a kind of piece or a product without a condition that makes it so. */
export function namingFaults(knowledge: Knowledge): string[] {
  return textsOf(knowledge).flatMap((kept) => [
    ...FIBRE_WORDS.filter(
      ({ words, fibreIds }) => words.test(kept.text) && !fibreIds.some((id) => kept.fibreIds.includes(id)),
    ).map(({ name }) => fault(kept, name)),
    ...pieceFaults(kept, knowledge),
    ...(kept.mayNameProducts ? [] : productFaults(kept, knowledge)),
    ...banFaults(kept, knowledge),
  ]);
}

const fault = ({ place, text }: Kept, name: string): string =>
  `${place}: "${text}" names ${name} and is not kept to it`;

/** A piece named must be one of those the text is kept to. */
function pieceFaults(kept: Kept, { items }: Knowledge): string[] {
  if (PIECE_AS_TOOL.test(kept.text)) return [];
  const names = items
    .filter(({ id }) => kept.itemIds.includes(id))
    .map(({ name, aliases, partNames }) => [name, ...aliases, ...partNames].join(' '));
  return PIECE_WORDS.filter(
    ({ words, near }) => words.test(kept.text) && !names.some((text) => words.test(text) || near.test(text)),
  ).map(({ name }) => fault(kept, name));
}

/** Words that make a ban hold only in some place, at some time or with something else. */
const QUALIFIED =
  /\b(with|without|after|and|mixed|together|beside|near|at once|second|before|first|yet|while|until|left|bottle|last|for|over|in|inside|from|as)\b/i;
const ON_OTHER = /\bon (?!it\b)/i;

/**
 * A plain ban of a product. On a fibre it must be what the fibre forbids. Without a condition it must not forbid what the
 * course itself uses.
 */
function banFaults({ place, text, bans, fibreIds, used }: Kept, { agents, fibres }: Knowledge): string[] {
  const [core = ''] = text.split(/[.:]/);
  if (!bans || QUALIFIED.test(core) || ON_OTHER.test(core)) return [];
  return PRODUCT_WORDS.filter(({ words }) => words.test(core)).flatMap(({ name, chemistries, products }) => {
    const banned = [
      ...chemistries,
      ...agents.flatMap((agent) => (products?.test(agent.name) ? agent.chemistries : [])),
    ];
    const isForbidden = (fibreId: string) =>
      fibres
        .find(({ id }) => id === fibreId)
        ?.chemistry.some(({ chemistry, verdict }) => verdict === 'never' && banned.includes(chemistry));
    if (fibreIds.length > 0)
      return fibreIds.every(isForbidden) ? [] : [`${place}: "${text}" bans ${name}, which its fibres allow`];
    return chemistries.some((one) => used.includes(one))
      ? [`${place}: "${text}" bans ${name}, which the course uses`]
      : [];
  });
}

function productFaults(kept: Kept, { agents }: Knowledge): string[] {
  return PRODUCT_WORDS.filter(({ words, chemistries, products }) => {
    const at = kept.text.search(words);
    if (at < 0 || isDenied(kept.text, at)) return false;
    const named = [
      ...chemistries,
      ...agents.flatMap((agent) => (products?.test(agent.name) ? [agent.id] : [])),
    ];
    return !named.some((one) => kept.uses.includes(one));
  }).map(({ name }) => fault(kept, name));
}

function textsOf(knowledge: Knowledge): Kept[] {
  const chemistries = new Map(knowledge.agents.map((agent) => [agent.id, agent.chemistries]));
  const used = new Map(
    knowledge.methods.map(({ id, agents }) => [
      id,
      agents.flatMap(({ agentId }) => [agentId, ...(chemistries.get(agentId) ?? [])]),
    ]),
  );
  const usedBy = (methodIds: readonly string[]): string[] => methodIds.flatMap((id) => used.get(id) ?? []);
  return [
    ...knowledge.courses.flatMap((course) => courseTexts(course, usedBy)),
    ...knowledge.methods.flatMap(({ id, notes }) =>
      Object.values(notes)
        .flat()
        .map((note) => keptOf(`methods.${id}`, note, { mayNameProducts: true })),
    ),
    ...knowledge.marks.flatMap(({ id, advice }) =>
      advice.map((note) => keptOf(`marks.${id}`, note, { mayNameProducts: true })),
    ),
    ...knowledge.items.flatMap(({ id, notes }) =>
      notes.map((note) => keptOf(`items.${id}`, note, { mayNameProducts: true, itemIds: [id] })),
    ),
  ];
}

function courseTexts(course: Course, usedBy: (methodIds: readonly string[]) => string[]): Kept[] {
  const place = `courses.${course.id}`;
  const { atOnce, never, says, cloths, itemIds } = course;
  const passes = Object.values(cloths).flatMap((given) =>
    given.kind === 'course' ? [...given.first, ...given.second] : [],
  );
  const used = usedBy(passes.flatMap(({ methodIds }) => methodIds));
  const warned = { mayNameProducts: true, itemIds };
  const banned = { ...warned, bans: true, used };
  return [
    ...[...atOnce.garment, ...atOnce.surface, ...says].map((note) => keptOf(place, note, { itemIds })),
    ...[...atOnce.donts, ...never.map(({ what }) => what)].map((note) => keptOf(place, note, banned)),
    ...Object.entries(cloths).flatMap(([cloth, given]) => {
      const at = `${place}.${cloth}`;
      // What comes after the rounds names products that no pass of them uses.
      const after = (notes: readonly Note[]) => notes.map((note) => keptOf(at, note, warned));
      if (given.kind !== 'course') return after(given.why);
      return [
        ...after(given.end.notes),
        ...given.notes.map((note) => keptOf(at, note, { itemIds })),
        ...[...given.dry.notes, ...(given.wash?.extra ?? [])].map((note) => keptOf(at, note, warned)),
        ...[...given.first, ...given.second].flatMap((pass) =>
          passTexts(at, pass, itemIds, usedBy(pass.methodIds)),
        ),
      ];
    }),
  ];
}

function passTexts(place: string, pass: CoursePass, itemIds: readonly string[], uses: string[]): Kept[] {
  const circumstances = pass.when === 'always' ? [] : pass.when.flatMap(({ anyOf }) => anyOf);
  const of = (key: 'fibreIds' | 'notFibreIds' | 'itemIds' | 'notItemIds') =>
    circumstances.flatMap((one) => one[key] ?? []);
  const kept = {
    fibreIds: [...of('fibreIds'), ...of('notFibreIds')],
    itemIds: [...itemIds, ...of('itemIds'), ...of('notItemIds')],
  };
  return [
    ...[pass.stop, pass.expect].flatMap((text) =>
      text === null ? [] : [{ place, text, ...kept, uses, mayNameProducts: false, bans: false, used: [] }],
    ),
    ...pass.advice.map((note) => keptOf(place, note, { itemIds, uses })),
  ];
}

function keptOf(
  place: string,
  { text, when }: Note,
  more: Partial<Pick<Kept, 'mayNameProducts' | 'itemIds' | 'uses' | 'bans' | 'used'>>,
): Kept {
  const given = typeof when === 'object' ? when : {};
  return {
    place,
    text,
    fibreIds: [...(given.fibreIds ?? []), ...(given.notFibreIds ?? [])],
    itemIds: [...(more.itemIds ?? []), ...(given.itemIds ?? []), ...(given.notItemIds ?? [])],
    uses: [...(more.uses ?? []), ...(given.uses ?? [])],
    mayNameProducts: more.mayNameProducts ?? false,
    bans: more.bans ?? false,
    used: more.used ?? [],
  };
}
