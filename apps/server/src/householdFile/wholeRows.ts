import type { Family } from './householdFile.repository.js';

/** A row of a file as text, with what it points at. */
export interface WrittenRow {
  readonly row: {
    readonly id?: string;
    readonly pieceId?: string | null;
    readonly troubleId?: string;
    readonly planId?: string;
    readonly runId?: string | null;
    readonly loadId?: string | null;
    readonly plan?: unknown;
    readonly events?: unknown;
  };
  readonly text: string;
  /** Of what is sealed: plans made here, with their troubles and pieces. */
  readonly digest?: Buffer;
}

/** As they stand in the file. */
export const OUTWARDS = [
  'mixes',
  'pieces',
  'troubles',
  'plans',
  'runs',
  'care',
  'pastUses',
  'trials',
  'photos',
  'loads',
  'heap',
] as const satisfies readonly Family[];

/** What points at others before what is pointed at; pictures after the runs that tell of them. */
export const INWARDS = [
  'heap',
  'loads',
  'trials',
  'runs',
  'photos',
  'care',
  'pastUses',
  'plans',
  'troubles',
  'pieces',
  'mixes',
] as const satisfies readonly Family[];

/** Without what points at something that was taken away while the others were read. */
export function withoutDangling(rows: Record<Family, WrittenRow[]>): Record<Family, WrittenRow[]> {
  const idsOf = (family: Family) => new Set(rows[family].map(({ row }) => row.id));
  const keep = (family: Family, points: (row: WrittenRow['row']) => boolean) => {
    rows[family] = rows[family].filter(({ row }) => points(row));
  };
  const pieces = idsOf('pieces');
  for (const family of ['troubles', 'care', 'pastUses'] as const)
    keep(family, ({ pieceId }) => pieces.has(pieceId ?? undefined));
  const troubles = idsOf('troubles');
  keep('plans', ({ troubleId }) => troubles.has(troubleId));
  const plans = idsOf('plans');
  for (const family of ['runs', 'trials'] as const) keep(family, ({ planId }) => plans.has(planId));
  const runs = idsOf('runs');
  keep('photos', ({ runId, pieceId }) => (runId ? runs.has(runId) : pieces.has(pieceId ?? undefined)));
  const loads = idsOf('loads');
  keep('heap', ({ pieceId, loadId }) => (!pieceId || pieces.has(pieceId)) && (!loadId || loads.has(loadId)));
  return rows;
}
