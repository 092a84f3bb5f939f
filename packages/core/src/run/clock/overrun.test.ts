import { describe, expect, it } from 'vitest';
import { cases, household, knowledge } from '../../test/fixtures.js';
import type { Dwell } from '../../treatment/plan/action.js';
import { planTreatment } from '../../treatment/planTreatment.js';
import type { RunTimer } from '../runState.js';
import { overrunOf } from './overrun.js';

const LATEST = Date.UTC(2026, 10, 24, 12, 0, 0);
const waiting =
  planTreatment(cases.beetrootOnDamask, household, knowledge)
    .passes.flatMap(({ actions }) => actions)
    .find(({ dwell }) => dwell) ?? expect.unreachable('a wait');
const over = (dwell: Partial<Dwell>, minutes: number) =>
  overrunOf(
    { ...waiting, dwell: { ...(waiting.dwell as Dwell), attended: false, ...dwell } },
    { latestAt: new Date(LATEST).toISOString() } as RunTimer,
    LATEST + minutes * 60_000,
  );

describe('a wait that ran over its latest end', () => {
  it('is nothing before that end', () => {
    expect(over({ keep: 'wet', maxMin: 20 }, -1)).toBeNull();
  });

  // Dried for half an hour, or half of its longest time, it can be wetted again. Common practice, no source.
  it.each([
    [20, 30, 'wetAgain'],
    [20, 31, 'rinseAndAgain'],
    [240, 120, 'wetAgain'],
    [240, 121, 'rinseAndAgain'],
  ])('kept wet for %i min at most, %i min over: %s', (maxMin, overMin, rule) => {
    expect(over({ keep: 'wet', maxMin }, overMin)).toEqual({ rule, overMin });
  });

  it('rinses at once what must be watched, takes out what is covered, and leaves a paste that dries', () => {
    expect(over({ keep: 'wet', attended: true }, 1)?.rule).toBe('rinseAtOnce');
    expect(over({ keep: 'covered' }, 1)?.rule).toBe('takeOutRinse');
    expect(over({ keep: 'letDry' }, 500)?.rule).toBe('noHarm');
  });
});
