import {
  type Bottle,
  type BottleLevel,
  type Catalogue,
  type Lexicon,
  type Meeting,
  meetingOf,
  type ToBuy,
} from '@feverfew/contracts';

type Agent = Catalogue['agents'][number];
type Chemistry = Agent['chemistries'][number];

/** Shelves of the cupboard, in this order: what is of one family is next to each other. */
export const FAMILIES = ['alone', 'detergents', 'oxygen', 'acids', 'sodas', 'solvents', 'others'] as const;
export type Family = (typeof FAMILIES)[number];
export const FAMILY_NAMES: Readonly<Record<Family, string>> = {
  detergents: 'Detergents',
  oxygen: 'Oxygen',
  acids: 'Acids',
  sodas: 'Sodas',
  solvents: 'Solvents',
  others: 'Others',
  alone: 'Alone',
};
/** The first family with one of its chemistries. Chlorine is alone, whatever else is in it. */
const CHEMISTRIES: Readonly<Record<Exclude<Family, 'others'>, readonly Chemistry[]>> = {
  alone: ['chlorine', 'poolChlorine'],
  detergents: ['detergent', 'soap', 'protease', 'otherEnzyme', 'cellulase', 'dyeSuspender', 'softener'],
  oxygen: ['percarbonate', 'peroxide'],
  acids: ['weakAcid', 'oxalicAcid'],
  sodas: ['mildAlkali', 'strongAlkali', 'ammonia'],
  solvents: ['alcohol', 'ketone', 'ester', 'hydrocarbon', 'polyol'],
};

/** Chlorine is looked for first, and shown last. */
export const SHOWN: readonly Family[] = [...FAMILIES.slice(1), 'alone'];

export function familyOf({ chemistries }: Pick<Agent, 'chemistries'>): Family {
  const has = (family: Family) =>
    family !== 'others' && CHEMISTRIES[family].some((chemistry) => chemistries.includes(chemistry));
  return FAMILIES.find(has) ?? 'others';
}

export const LEVEL_WORDS: Readonly<Record<BottleLevel, string>> = {
  full: 'full',
  most: 'most left',
  half: 'half left',
  little: 'low',
  empty: 'empty',
};
/** How high it is drawn, as a share. */
export const LEVEL_SHARES: Readonly<Record<BottleLevel, number>> = {
  full: 0.95,
  most: 0.7,
  half: 0.45,
  little: 0.15,
  empty: 0,
};
export const isLow = (bottle: Bottle | undefined): boolean =>
  bottle?.left === 'little' || bottle?.left === 'empty';

/** What a product of the cupboard says to the one that is lifted. */
export interface Answer {
  readonly agent: Agent;
  readonly meeting: Meeting;
}

/** Products here that must not meet the one that is lifted, the worst first. */
export function answersTo(lifted: Agent, here: readonly Agent[], pairs: Catalogue['pairs']): Answer[] {
  const rank: readonly Meeting['kind'][] = ['hurts', 'apart', 'cancel'];
  return here
    .filter(({ id }) => id !== lifted.id)
    .flatMap((agent) => {
      const meeting = meetingOf(lifted.chemistries, agent.chemistries, pairs);
      return meeting ? [{ agent, meeting }] : [];
    })
    .sort((a, b) => rank.indexOf(a.meeting.kind) - rank.indexOf(b.meeting.kind));
}

export const ANSWER_WORDS: Readonly<Record<Meeting['kind'], string>> = {
  hurts: 'poison fumes',
  apart: 'keep apart',
  cancel: 'cancel out',
};

/** A product that is not here, with the troubles that would gain from it. */
export interface Wanted {
  readonly agent: Agent;
  readonly markIds: readonly string[];
}

export function wantedOf(
  toBuy: readonly ToBuy[],
  agents: readonly Agent[],
  hereIds: readonly string[],
): Wanted[] {
  const wanted = new Map<string, string[]>();
  for (const { agentIds, markIds } of toBuy)
    for (const id of agentIds)
      if (!hereIds.includes(id)) wanted.set(id, [...new Set([...(wanted.get(id) ?? []), ...markIds])]);
  return [...wanted].flatMap(([id, markIds]) => {
    const agent = agents.find((one) => one.id === id);
    return agent ? [{ agent, markIds }] : [];
  });
}

/** What to buy, a line each: what is wanted, then what is low. */
export const shoppingText = (wanted: readonly Wanted[], low: readonly Agent[], say: Lexicon): string =>
  [
    ...wanted.map(({ agent, markIds }) => `${agent.name} (for ${markIds.map(say.name).join(', ')})`),
    ...low.map(({ name }) => `${name} (low)`),
  ].join('\n');
