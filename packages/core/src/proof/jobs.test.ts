import { describe, expect, it } from 'vitest';
import { checkPlan } from '../safety/checkPlan.js';
import { JOBS } from '../test/expert/jobs.js';
import { toldBy } from '../test/expert/tokensOf.js';
import { household, knowledge, label, piece, tried, trouble } from '../test/fixtures.js';
import { planTreatment } from '../treatment/planTreatment.js';

describe('the jobs of the trade', () => {
  it.each(JOBS.map((job) => [job.name, job] as const))('%s', (_name, { facts, course, never }) => {
    const plan = planTreatment(facts, household, knowledge);
    const told = toldBy(plan).filter(({ round }) => round <= 1);
    const words = told.map(({ tokens }) => [...tokens].join('+'));
    let from = 0;
    for (const any of course) {
      const at = told.slice(from).findIndex(({ tokens }) => any.some((token) => tokens.has(token)));
      expect([any, at >= 0, words]).toEqual([any, true, words]);
      from += at;
    }
    const all = toldBy(plan).flatMap(({ tokens }) => [...tokens]);
    expect(never.filter((token) => all.includes(token))).toEqual([]);
    expect(checkPlan(plan, household, knowledge)).toEqual([]);
    expect(plan.verdict.length).toBeGreaterThan(0);
    expect(plan.ends.length).toBeGreaterThan(0);
  });

  it('and a product tried before comes out before anything else', () => {
    const plan = planTreatment(
      trouble('redWine', piece('tableLinen', { linen: 100 }, { label: label(60) }), {
        tried: tried('whiteSoap'),
      }),
      household,
      knowledge,
    );
    expect(plan.atOnce.actions[0]?.verbs).toEqual(['rinseOutProduct']);
  });
});
