import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyFacts, anyHousehold } from '../test/arbitraries.js';
import { cases, household, knowledge, limitsOf } from '../test/fixtures.js';
import { runs } from '../test/propertyRuns.js';
import { planTreatment } from '../treatment/planTreatment.js';
import { actionWords } from './actionWords.js';
import { effectRange, effectWords } from './effectWords.js';
import { findingWords } from './findings/findingWords.js';
import { ownerWords } from './findings/ownerWords.js';
import { durationWords } from './round/durationWords.js';
import type { Lexicon } from './round/lexicon.js';

const say: Lexicon = {
  name: (id) => `<${id}>`,
  temp: (tempC) => `${tempC} °C`,
  volume: (volumeML) => `${volumeML} mL`,
};
const UNSAID = /undefined|null|NaN|\[object|\{|\}/;

describe('words', () => {
  it('exist, whole, for every finding, owner and step of any plan', () => {
    fc.assert(
      fc.property(anyFacts, anyHousehold, (facts, home) => {
        const plan = planTreatment(facts, home, knowledge);
        const findings = [...plan.findings, ...plan.candidates.flatMap((candidate) => candidate.findings)];
        for (const finding of findings) expect(findingWords(finding, say)).not.toMatch(UNSAID);
        for (const limit of limitsOf(facts)) expect(ownerWords(limit.owner, say)).not.toMatch(UNSAID);
        for (const action of plan.passes.flatMap((pass) => pass.actions)) {
          const { title, lines } = actionWords(action, say);
          expect([title, ...lines].join(' ')).not.toMatch(UNSAID);
          expect(title.length).toBeGreaterThan(2);
        }
      }),
      { numRuns: runs(150) },
    );
  });

  it('name the fact behind a refusal', () => {
    const plan = planTreatment(cases.bloodOnWoolBlanket, household, knowledge);
    const enzyme = plan.candidates.find((candidate) => candidate.methodId === 'enzymePretreat')?.findings[0];
    expect(enzyme && findingWords(enzyme, say)).toBe('No protein-cutting enzymes: <wool> 100 %.');
  });

  it('give water shares in the order of pouring, kettle last', () => {
    const plan = planTreatment(cases.beetrootOnDamask, household, knowledge);
    const mix = plan.passes
      .find((pass) => pass.methodId === 'oxygenSoak')
      ?.actions.find((action) => action.kind === 'mix');
    expect(mix && actionWords(mix, say).lines[0]).toBe(
      'Into the lidded bucket: 5500 mL from the hot tap, then 1500 mL just boiled (most of your 1700 mL kettle).',
    );
  });

  it.each([
    [10, 20, '10–20 min'],
    [20, 20, '20 min'],
    [120, 240, '2–4 h'],
    [360, 480, '6–8 h'],
    [30, 480, '0.5–8 h'],
  ])('say %d to %d min as %s', (low, high, text) => {
    expect(durationWords(low, high)).toBe(text);
  });

  it.each([
    [0.9, 0.95, 'nearly all of it', '90–95 %'],
    [0.5, 0.8, 'most of it', '50–80 %'],
    [0.42, 0.48, 'about half', '40–50 %'],
    [0.1, 0.3, 'some of it', '10–30 %'],
    [0, 0.13, 'a little', '0–15 %'],
  ])('put %d to %d as %s, %s', (low, high, word, range) => {
    expect(effectWords({ low, high })).toBe(word);
    expect(effectRange({ low, high })).toBe(range);
  });
});
