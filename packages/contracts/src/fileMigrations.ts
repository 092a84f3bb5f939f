import { renameOldKeys } from './renameOldKeys.js';

/** Anything that came out of a file. */
type Json = Readonly<Record<string, unknown>>;

const isRecord = (value: unknown): value is Json =>
  value !== null && typeof value === 'object' && !Array.isArray(value);
const recordsOf = (value: unknown): readonly Json[] => (Array.isArray(value) ? value.filter(isRecord) : []);

/** Households of versions 1 and 2 do not hold these: no one is assumed to live there. */
const NEW_OF_HOUSEHOLD = { pregnancy: false, baby: false, pets: false, septicTank: false } as const;

/** Settings of version 1 or 2 in today's shape. What is no settings is passed on, to be refused where it lies. */
export function upgradeSettings(settings: unknown): unknown {
  return isRecord(settings) && isRecord(settings.household)
    ? renameOldKeys({ ...settings, household: { ...NEW_OF_HOUSEHOLD, ...settings.household } })
    : settings;
}

/** One version of the household file in the shape of the next. What is broken is passed on, to be refused at its place. */
export interface FileMigration {
  readonly from: number;
  readonly to: number;
  readonly up: (file: Json) => Json;
}

const each = (rows: unknown, change: (row: Json) => Json): unknown =>
  Array.isArray(rows) ? rows.map((row: unknown) => (isRecord(row) ? change(row) : row)) : rows;

/** What the next version adds is optional in its shape, or fits as it is. */
const unchanged = (file: Json): Json => file;

/** In order, without a gap, from the first version that held a whole household. */
export const FILE_MIGRATIONS: readonly FileMigration[] = [
  { from: 2, to: 3, up: withSizesInWords },
  { from: 3, to: 4, up: unchanged },
  // Pictures of pieces; before, each was of a run.
  {
    from: 4,
    to: 5,
    up: (file) => ({
      ...file,
      photos: each(file.photos, (row) => ({ runId: null, pieceId: null, ...row })),
    }),
  },
  // Seals of plans.
  {
    from: 5,
    to: 6,
    up: (file) => ({ ...file, plans: each(file.plans, (row) => ({ seal: null, ...row })) }),
  },
  // Loads and the line.
  { from: 6, to: 7, up: (file) => ({ washing: null, loads: [], heap: [], ...file }) },
  // Rolled in a towel before hanging.
  {
    from: 7,
    to: 8,
    up: (file) => ({ ...file, heap: each(file.heap, (row) => ({ rolled: false, ...row })) }),
  },
  // Passes, actions and positions have these names everywhere.
  { from: 8, to: 9, up: withTodaysNames },
  // So have the choice of the next pass and the finding on products that must keep apart.
  { from: 9, to: 10, up: withTodaysNames },
  // How full the bottles of the cupboard are, and since when they are open.
  { from: 10, to: 11, up: unchanged },
];

/**
 * A household file of an earlier version in the shape of the present one, one version after the other.
 * @param version that of the file, from 2; the present one and later ones are left as they are
 */
export function migrateFile(file: Json, version: number): Json {
  return FILE_MIGRATIONS.filter(({ from }) => from >= version).reduce(
    (migrated, { to, up }) => ({ ...up(migrated), version: to }),
    file,
  );
}

function withTodaysNames(file: Json): Json {
  return {
    ...file,
    settings: renameOldKeys(file.settings),
    troubles: each(file.troubles, (row) => ({ ...row, facts: renameOldKeys(row.facts) })),
    plans: each(file.plans, (row) => ({ ...row, plan: renameOldKeys(row.plan) })),
    runs: each(file.runs, (run) => ({
      ...run,
      events: each(run.events, (row) => ({ ...row, event: renameOldKeys(row.event) })),
    })),
  };
}

/**
 * Sizes have words, tried products a history, households more people. A size that was not given stays all over where
 * the plan begins with a bath, since that was for the whole piece; else it is not known.
 */
function withSizesInWords(file: Json): Json {
  const plans = recordsOf(file.plans);
  const planOf = (troubleId: unknown) =>
    plans
      .filter((row) => row.troubleId === troubleId)
      .sort((a, b) => String(a.createdAt).localeCompare(String(b.createdAt)))
      .at(-1)?.plan;
  return {
    ...file,
    settings: upgradeSettings(file.settings),
    troubles: each(file.troubles, (row) => ({
      ...row,
      facts: upgradeFacts(row.facts, beginsWithBath(planOf(row.id))),
    })),
    plans: each(file.plans, (row) =>
      isRecord(row.plan)
        ? { ...row, plan: { ...row.plan, facts: upgradeFacts(row.plan.facts, beginsWithBath(row.plan)) } }
        : row,
    ),
  };
}

function upgradeFacts(facts: unknown, allOver: boolean): unknown {
  if (!isRecord(facts) || 'size' in facts) return facts;
  const { sizeCm, tried, ...rest } = facts;
  return {
    ...rest,
    size: isRecord(sizeCm) ? sizeCm : allOver ? 'allOver' : 'unknown',
    tried: Array.isArray(tried)
      ? tried.map((one: unknown) => (isRecord(one) ? { washedOut: 'unknown', ...one } : one))
      : tried,
  };
}

function beginsWithBath(plan: unknown): boolean {
  const [first] = isRecord(plan) ? recordsOf(plan.ladder) : [];
  return recordsOf(first?.steps).some((step) => isRecord(step.bath));
}
