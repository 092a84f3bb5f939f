import type { Age, Fibre } from '@feverfew/knowledge';

/** Ages that behave alike. */
export const AGE_BANDS = ['fresh', 'days', 'old'] as const;
export type AgeBand = (typeof AGE_BANDS)[number];

/** Not known counts as old: that promises less. */
export const ageBandOf = (age: Age): AgeBand =>
  age === 'minutes' || age === 'hours' ? 'fresh' : age === 'days' ? 'days' : 'old';

export type FibreFamily = Fibre['group'] | 'unknown';

/** What one method did to one trouble, over all its rounds: one line of the household's log. */
export interface UseCase {
  readonly id: string;
  readonly at: string;
  readonly methodId: string;
  readonly markId: string;
  /** The component that makes up most of the mark. */
  readonly componentId: string;
  readonly fibres: FibreFamily;
  readonly age: AgeBand;
  readonly rounds: number;
  /** Left of the earlier amount, %: its own share of the visible change if others worked too. */
  readonly leftPct: number;
  /** Left by eye, % of the earlier amount, not shared with others; equal to `leftPct` if absent. */
  readonly seenPct?: number | undefined;
  /** Duration of one round, min. A machine wash has none, nor has a use from before durations were recorded. */
  readonly minutes?: number | undefined;
  /** How warm it was made, °C. */
  readonly tempC?: number | undefined;
  /** What was put in, of the first product of the recipe. */
  readonly dose?: UseDose | undefined;
}

export interface UseDose {
  readonly agentId: string;
  readonly amount: number;
  readonly unit: 'g' | 'mL';
}

/** Left at most this much, %, counts as “it worked”: little, a trace or nothing is left. */
const WORKED_LEFT_PCT = 25;

export const hasWorked = ({ leftPct, seenPct }: Pick<UseCase, 'leftPct' | 'seenPct'>): boolean =>
  (seenPct ?? leftPct) <= WORKED_LEFT_PCT;

/** Share of what was left that one round took, 0–1, alike for every round of the use. */
export const removedPerRound = ({ leftPct, rounds }: Pick<UseCase, 'leftPct' | 'rounds'>): number =>
  1 - (Math.min(100, Math.max(0, leftPct)) / 100) ** (1 / Math.max(1, rounds));

/** How long a round of a method works: here, and as it is usually done, min. */
export interface Dwells {
  readonly here: number;
  readonly usual: number;
}

/** The middle of a window, min. */
export const middleOf = ({ min, max }: { readonly min: number; readonly max: number }): number =>
  (min + max) / 2;

/**
 * Share of what was left that a round of `here` minutes would have taken, 0–1: a use of half the time counts as half a
 * round. Never stretched or cut by more than `MAX_STRETCH`. A use that kept no minutes is taken to be as long as usual.
 */
export function removedInTime(
  use: Pick<UseCase, 'leftPct' | 'rounds' | 'minutes'>,
  dwells: Dwells | null,
): number {
  const removed = removedPerRound(use);
  if (!dwells) return removed;
  const ratio = dwells.here / Math.max(1, use.minutes ?? dwells.usual);
  return 1 - (1 - removed) ** Math.min(MAX_STRETCH, Math.max(1 / MAX_STRETCH, ratio));
}

/** What little is known of the ceilings bears no more than double or half the time. From memory. */
const MAX_STRETCH = 2;

/** Where a use counts: a method on a soil, on fibres of a group, at an age. */
export interface Cell {
  readonly methodId: string;
  readonly componentId: string;
  readonly fibres: FibreFamily;
  readonly age: AgeBand;
}

/** The household's log as far as planning needs it, by method and soil. */
export interface Evidence {
  readonly byMethodAndSoil: ReadonlyMap<string, readonly UseCase[]>;
}

export const NO_EVIDENCE: Evidence = { byMethodAndSoil: new Map() };

const keyOf = ({ methodId, componentId }: Pick<Cell, 'methodId' | 'componentId'>) =>
  `${methodId} ${componentId}`;

export function gatherEvidence(uses: readonly UseCase[]): Evidence {
  const byMethodAndSoil = new Map<string, UseCase[]>();
  for (const use of uses) {
    const list = byMethodAndSoil.get(keyOf(use));
    if (list) list.push(use);
    else byMethodAndSoil.set(keyOf(use), [use]);
  }
  return { byMethodAndSoil };
}

/**
 * What a use elsewhere counts here: alike in all 1, on another fibre group a half, on an older trouble a half. One
 * on a fresher
 * trouble counts nothing: what runs out fresh may have set since. From memory.
 */
const OTHER_FIBRES = 0.5;
const OLDER = 0.5;

const ageWeight = (used: AgeBand, here: AgeBand): number =>
  used === here ? 1 : AGE_BANDS.indexOf(used) > AGE_BANDS.indexOf(here) ? OLDER : 0;

export function usesFor(
  cell: Cell,
  evidence: Evidence,
): { readonly use: UseCase; readonly weight: number }[] {
  return (evidence.byMethodAndSoil.get(keyOf(cell)) ?? [])
    .map((use) => ({
      use,
      weight: (use.fibres === cell.fibres ? 1 : OTHER_FIBRES) * ageWeight(use.age, cell.age),
    }))
    .filter(({ weight }) => weight > 0);
}
