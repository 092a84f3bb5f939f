import { STANDING_NOTES } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import { sweepOf } from '../../proof/sweepCase.js';
import { knowledge } from '../../test/fixtures.js';
import type { RoundPass } from '../../treatment/plan/round.js';
import { planTreatment } from '../../treatment/planTreatment.js';
import type { Lexicon } from './lexicon.js';
import { passWords } from './roundWords.js';

const say: Lexicon = {
  name: (id) => id,
  temp: (tempC) => `${Math.round(tempC)} °C`,
  volume: (volumeML) => `${Math.round(volumeML)} mL`,
};
const mixOf = ({ actions }: RoundPass) => actions.find(({ kind }) => kind === 'mix');

/** Passes of drawn plans whose bath is warm to the hand. */
const sweep = sweepOf(knowledge);
const warmBaths: RoundPass[] = [];
for (let number = 0; warmBaths.length < 60 && number < 3000; number += 1) {
  const { facts, household } = sweep.caseAt(number);
  const passes = planTreatment(facts, household, knowledge).rounds.flatMap((round) => round.passes);
  warmBaths.push(...passes.filter((pass) => mixOf(pass)?.bath && (mixOf(pass)?.tempC?.target ?? 0) > 24));
}

describe('the words of a step', () => {
  const [warm = expect.unreachable('no pass')] = warmBaths;
  it('say of one bath that it is for all pieces, also where something else is said first, and once', () => {
    const together = STANDING_NOTES.allTogether.text;
    const withNotes = (...notes: string[]): RoundPass => ({
      ...warm,
      actions: warm.actions.map((action) => (action.kind === 'apply' ? { ...action, notes } : action)),
    });
    const times = (pass: RoundPass) => passWords(pass, say).lines.filter((line) => line === together).length;
    expect(times(withNotes('Press it through.', together))).toBe(1);
    expect(times(withNotes(together))).toBe(1);
    expect(times(withNotes('Press it through.'))).toBe(0);
  });
  it('name what is to buy at the first step of a round that needs it', () => {
    const needs = (...missingAgentIds: string[]): RoundPass => ({ ...warm, missingAgentIds });
    const earlier = { passes: [needs('peroxide')], offset: 0 };
    expect(passWords(needs('peroxide'), say, earlier).toBuy).toBeNull();
    expect(passWords(needs('peroxide', 'citricAcid'), say, earlier).toBuy).toBe('To buy: citricAcid.');
    expect(passWords(needs('peroxide'), say).toBuy).toBe('To buy: peroxide.');
  });
  it('take the temperature of its own bath, whatever is rinsed before it', () => {
    expect(warmBaths.length).toBeGreaterThan(50);
    expect(warmBaths.some(({ actions }) => actions[0]?.kind === 'rinseBefore')).toBe(true);
    for (const pass of warmBaths) {
      const { recipe } = passWords(pass, say);
      expect(recipe, pass.methodId).toContain(` at\u00a0${say.temp(mixOf(pass)?.tempC?.target ?? 0)}`);
      expect(recipe).not.toMatch(/\bcold\b/);
    }
  });
  it('say once in a round what several steps have alike, and name the step that told it', () => {
    const [pass] = warmBaths;
    if (!pass) return expect.unreachable('no pass');
    const how = 'Press it through now and then, from all sides.';
    const action = (kind: string, notes: string[]) => ({ kind, notes, ingredients: [] });
    const actions = [action('hiddenTest', []), action('apply', [how])] as unknown as RoundPass['actions'];
    const step: RoundPass = { ...pass, phase: 'bath', actions, opensAfterTest: false };
    const alone = passWords(step, say);
    expect([alone.test, alone.how]).toEqual(['Test a hidden spot first.', how]);
    const second = passWords(step, say, { passes: [step], offset: 0 });
    expect([second.test, second.how]).toEqual(['Test this too.', 'As in step 1.']);
    expect(passWords(step, say, { passes: [pass, step], offset: 4 }).how).toBe('As in step 6.');
    // A wash shows its own advice in place of it, so no step refers to it.
    const wash: RoundPass = { ...step, phase: 'wash' };
    expect(passWords(step, say, { passes: [wash], offset: 0 }).how).toBe(how);
    const opened: RoundPass = { ...step, opensAfterTest: true };
    expect(passWords(opened, say, { passes: [opened], offset: 0 }).test).toBe('After the same test.');
  });
  it('say first what has to be bought, and nothing where it is in the house', () => {
    const [pass] = warmBaths;
    if (!pass) return expect.unreachable('no pass');
    const [first] = passWords({ ...pass, missingAgentIds: ['oxygenBleach', 'peroxide'] }, say).lines;
    expect(first).toBe('To buy: oxygenBleach, peroxide.');
    expect(passWords({ ...pass, missingAgentIds: [] }, say).lines.join(' ')).not.toContain('To buy');
  });
});
