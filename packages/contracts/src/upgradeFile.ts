/** Anything that came out of a file. */
type Json = Readonly<Record<string, unknown>>;

const isRecord = (value: unknown): value is Json =>
  value !== null && typeof value === 'object' && !Array.isArray(value);
const recordsOf = (value: unknown): readonly Json[] => (Array.isArray(value) ? value.filter(isRecord) : []);

/** Households of versions 1 and 2 do not hold these: nobody is assumed to live there. */
const NEW_OF_HOUSEHOLD = { pregnancy: false, baby: false, pets: false, septicTank: false } as const;

/** Settings of version 1 or 2 in today's shape. What is no settings is passed on, to be refused where it lies. */
export function upgradeSettings(settings: unknown): unknown {
  return isRecord(settings) && isRecord(settings.household)
    ? { ...settings, household: { ...NEW_OF_HOUSEHOLD, ...settings.household } }
    : settings;
}

/** Before version 7 nothing was washed in loads. */
export const NEVER_WASHED = { washing: null, loads: [], heap: [] } as const;

/**
 * A household file of version 2 in today's shape: sizes have words, tried products a history, households more people.
 * A size that was not given stays all over where the plan begins with a bath, since that was for the whole piece; else
 * it is not known. What is broken in the file is passed on, to be refused at its place.
 */
export function upgradeVersion2(file: Json, version: number): unknown {
  const plans = recordsOf(file.plans);
  const planOf = (troubleId: unknown) =>
    plans
      .filter((row) => row.troubleId === troubleId)
      .sort((a, b) => String(a.createdAt).localeCompare(String(b.createdAt)))
      .at(-1)?.plan;
  const each = (rows: unknown, change: (row: Json) => Json) =>
    Array.isArray(rows) ? rows.map((row: unknown) => (isRecord(row) ? change(row) : row)) : rows;
  return {
    ...NEVER_WASHED,
    ...file,
    version,
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
