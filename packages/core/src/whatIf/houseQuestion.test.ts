import { describe, expect, it } from 'vitest';
import {
  answered,
  guessOf,
  HOUSE_ANSWERS,
  HOUSE_FACTS,
  type HouseFact,
  PEOPLE_FACTS,
} from '../household/houseFacts.js';
import type { Household } from '../household/household.js';
import { household, knowledge, label, piece, trouble } from '../test/fixtures.js';
import { planTreatment } from '../treatment/planTreatment.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { houseQuestionWords } from '../words/houseWords.js';
import { houseQuestion, toldKeys } from './houseQuestion.js';

const bare: Household = {
  ...household,
  cupboard: household.cupboard.filter(({ agentId }) => ['water', 'dishDetergent'].includes(agentId)),
};
const planIn = (facts: TroubleFacts) => (home: Household) => planTreatment(facts, home, knowledge);
const ask = (facts: TroubleFacts, home: Household, told: readonly string[]) =>
  houseQuestion(planIn(facts)(home), home, told, planIn(facts), knowledge);
/** Every question of one trouble, each answered in its turn by the guess. */
function inTurn(facts: TroubleFacts, home: Household): string[] {
  const told: string[] = [];
  for (let question = ask(facts, home, told); question; question = ask(facts, home, told))
    told.push(...toldKeys(question));
  return told;
}

const white = trouble('redWine', piece('tableLinen', { linen: 100 }, { label: label(60) }));
const dusty = trouble('dust', piece('rug', { wool: 100 }));

describe('what of the house is asked', () => {
  it('is only what turns the rounds of this plan, each once, and comes to an end', () => {
    const asked = inTurn(white, bare);
    expect(asked.length).toBeGreaterThan(1);
    expect(new Set(asked).size).toBe(asked.length);
    const asItIs = JSON.stringify(planIn(white)(bare).rounds);
    for (const one of PEOPLE_FACTS.filter((person) => !asked.includes(person)))
      expect(JSON.stringify(planIn(white)({ ...bare, [one]: true }).rounds), one).toBe(asItIs);
    for (const fact of HOUSE_FACTS.filter((one) => !['agent', 'people', ...asked].includes(one)))
      for (const answer of HOUSE_ANSWERS[fact])
        if (answer !== guessOf(bare, fact))
          expect(JSON.stringify(planIn(white)(answered(bare, fact, answer)).rounds), fact).toBe(asItIs);
  });
  it('asks for a bottle only where the plan would use it, and no dust asks how hot the tap is', () => {
    const bottles = inTurn(white, bare).filter((key) => key.startsWith('agent.'));
    const wanted = planIn(white)(bare).passes.flatMap((pass) => pass.missingAgentIds);
    for (const key of bottles) expect(wanted.map((id) => `agent.${id}`)).toContain(key);
    expect(bottles.length).toBeGreaterThan(0);
    expect(inTurn(dusty, bare)).not.toContain('hotTap');
  });
  it('asks no more of a cupboard that was told, and nothing of a house that was told', () => {
    expect(inTurn(white, bare).length).toBeGreaterThan(0);
    const rest = ask(white, bare, ['agent']);
    expect(rest?.fact).not.toBe('agent');
    expect(ask(white, bare, [...HOUSE_FACTS, ...PEOPLE_FACTS])).toBeNull();
  });
});

describe('who lives there', () => {
  const mould = trouble('mildew', piece('armchair', { cotton: 100 }, { code: 'W' }));
  it('is one question before all others, of those that were not told', () => {
    const question = ask(mould, bare, []);
    expect(question).toMatchObject({ fact: 'people', guess: 'none', people: [...PEOPLE_FACTS] });
    expect(ask(mould, bare, ['asthma', 'baby'])?.people ?? []).not.toContain('asthma');
    expect(ask(mould, bare, [...PEOPLE_FACTS])?.fact).not.toBe('people');
  });
  it('is not asked where nothing of the plan would be another', () => {
    const tea = trouble('mud', piece('jeans', { cotton: 100 }, { label: label(60) }));
    const asItIs = JSON.stringify(planIn(tea)(bare).rounds);
    const plans = PEOPLE_FACTS.map((one) => planIn(tea)({ ...bare, [one]: true }).rounds);
    for (const rounds of plans) expect(JSON.stringify(rounds)).toBe(asItIs);
    expect(ask(tea, bare, [])?.fact).not.toBe('people');
  });
  it('keeps only those that were named', () => {
    expect(answered(bare, 'people', 'some', null, ['baby'])).toEqual({ ...bare, baby: true });
    expect(answered({ ...bare, asthma: true }, 'people', 'none').asthma).toBe(true);
  });
});

describe('an answer', () => {
  it('as guessed changes no plan; a bottle in the house is none to buy', () => {
    for (const fact of HOUSE_FACTS.filter((one): one is Exclude<HouseFact, 'agent'> => one !== 'agent'))
      if (fact !== 'hotTap' && fact !== 'hardness')
        expect(answered(bare, fact, guessOf(bare, fact)), fact).toEqual(bare);
    const entry = { agentId: 'oxygenBleach', strengthPct: null };
    const has = answered(bare, 'agent', 'yes', entry);
    expect(has.cupboard).toContainEqual(entry);
    expect(answered(has, 'agent', 'no', entry).cupboard).not.toContainEqual(entry);
  });
  it('is put in words, the guess among them', () => {
    const say = { name: (id: string) => id, temp: (c: number) => `${c} °C`, volume: String };
    for (const fact of HOUSE_FACTS) {
      const words = houseQuestionWords(
        { fact, entry: null, guess: guessOf(bare, fact), answers: HOUSE_ANSWERS[fact], people: [] },
        say,
      );
      expect(words.ask).toMatch(/\?$/);
      expect(words.answers.map(({ text }) => text)).toContain(words.guess);
      for (const { id, text } of words.answers) expect(text).not.toBe(id);
    }
  });
});
