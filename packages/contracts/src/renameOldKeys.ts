type Json = Readonly<Record<string, unknown>>;

/** Keys of plans, facts and events up to version 9, with today's. */
const KEYS: Readonly<Record<string, string>> = {
  ladder: 'passes',
  steps: 'actions',
  schools: 'positions',
  schoolId: 'positionId',
  rungIndex: 'passIndex',
  stepId: 'actionId',
  rungMethodId: 'passMethodId',
};

/** Values of these keys up to version 9, with today's. */
const VALUES: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  verdict: { rung: 'inPlan' },
  kind: { school: 'position', stepDone: 'actionDone' },
  code: {
    otherSchool: 'otherPosition',
    schoolFollowed: 'positionFollowed',
    apartFromRung: 'apartFromPass',
  },
  choice: { nextRung: 'nextPass' },
};

/**
 * A plan, facts, settings or an event of version 9 or before, with today's names at every depth. What has today's names
 * comes out equal.
 */
export function renameOldKeys(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(renameOldKeys);
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value as Json).map(([key, of]) => [
      KEYS[key] ?? key,
      (typeof of === 'string' ? VALUES[key]?.[of] : undefined) ?? renameOldKeys(of),
    ]),
  );
}
