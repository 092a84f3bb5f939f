import { expect, it } from 'vitest';
import { household, knowledge, piece, trouble } from '../../test/fixtures.js';
import type { TroubleFacts } from '../../trouble/troubleFacts.js';
import { planTreatment } from '../planTreatment.js';

const planOf = (facts: TroubleFacts) => planTreatment(facts, household, knowledge);
const waysOf = (facts: TroubleFacts) =>
  planOf(facts).rounds.flatMap(({ passes }) => passes.map(({ methodId }) => methodId));
const adviceOf = (facts: TroubleFacts) =>
  planOf(facts).rounds.flatMap(({ passes }) => passes.flatMap(({ advice }) => advice));

const scarf = piece('scarf', { silk: 100 }, { colour: 'pale' });
const chair = piece('diningChair', { cotton: 100 }, { colour: 'dark' });

it('the main step of a course is left out where it takes next to nothing, and milder acid stands in for it', () => {
  const aramid = piece('curtain', { aramid: 100 }, { colour: 'dark' });
  // Its cloth bears vinegar at most, which takes 0–2 % of rust.
  expect(waysOf(trouble('rust', aramid))).not.toContain('weakVinegarSpot');
  expect(planOf(trouble('rust', aramid)).findings.map(({ code }) => code)).toContain('professionalHand');
  expect(waysOf(trouble('rust', scarf))).toContain('thinCitricSpot');
});

it('soot in smoke is taken off dry before it is aired', () => {
  const wool = piece('scarf', { wool: 100 }, { colour: 'dark' });
  expect(waysOf(trouble('barbecueSmoke', wool)).slice(0, 2)).toEqual(['dryVacuum', 'airing']);
  expect(waysOf(trouble('smoke', wool))).not.toContain('dryVacuum');
});

it('one mark on an old dyed piece is blotted, not bathed; without dye, or all over, it may be bathed', () => {
  const old = (colour: 'mid' | 'natural', size?: 'allOver') =>
    trouble('curry', piece('scarf', { wool: 100 }, { colour, condition: 'antique' }), size ? { size } : {});
  expect(waysOf(old('mid'))).not.toContain('delicateHandSoak');
  expect(waysOf(old('natural'))).toContain('delicateHandSoak');
  expect(waysOf(old('mid', 'allOver'))).toContain('delicateHandSoak');
});

it('the two ends of an estimate lie apart by what can be known, unless it is next to nothing', () => {
  const plans = ['rust', 'curry', 'berry', 'chewingGum', 'onionSmell'].map((mark) =>
    planOf(trouble(mark, chair)),
  );
  const shares = plans.flatMap(({ rounds }) =>
    rounds.flatMap(({ passes }) => passes.flatMap(({ takes, gone }) => [...takes.byMark, ...gone.byMark])),
  );
  const known = shares.filter(({ low, high }) => low + high >= 0.06);
  expect(known.length).toBeGreaterThan(10);
  for (const { low, high } of known) expect(high - low).toBeGreaterThanOrEqual(0.0599);
});

it('a main step that takes next to nothing is left out where another takes more', () => {
  const old = { age: 'months', heat: 'tumbled' } as const;
  expect(waysOf(trouble('chewingGum', chair, { age: 'hours' }))).toContain('detergentBlot');
  const ways = waysOf(trouble('chewingGum', chair, old));
  expect(ways).toContain('chillAndChip');
  expect(ways).not.toContain('detergentBlot');
});

it('a product that did nothing is not used again in any round where something else is left', () => {
  const towel = piece('towel', { cotton: 100 }, { colour: 'mid', fastness: 'proven' });
  const tried = (effect: 'some' | 'nothing') => [
    { agentId: 'oxygenBleach', times: 1, effect, hot: false, washedOut: 'yes' as const },
  ];
  const berry = (effect: 'some' | 'nothing') =>
    trouble('berry', towel, { age: 'weeks', tried: tried(effect) });
  const bathed = (facts: TroubleFacts) =>
    planOf(facts).passes.flatMap(({ actions }) =>
      actions.flatMap(({ ingredients }) => ingredients.map(({ agentId }) => agentId)),
    );
  expect(bathed(berry('some'))).toContain('oxygenBleach');
  // The kind for colours acts the same.
  expect(bathed(berry('nothing'))).not.toContain('oxygenBleach');
  expect(bathed(berry('nothing'))).not.toContain('colourOxygenBleach');
  expect(bathed(berry('nothing'))).toContain('vinegar');
  const choices = {
    instead: { vinegarDetergentSpot: 'colourOxygenSoak' },
    leftOut: [],
    vessels: {},
    readyInMin: null,
  };
  expect(bathed({ ...berry('nothing'), choices })).toContain('oxygenBleach');
});

it('a line on the wash that asks for a product is said only where the plan uses one like it', () => {
  const line = 'Vinegar in the last rinse.';
  const jacket = piece('shirt', { cotton: 100 }, { colour: 'mid', fastness: 'proven' });
  expect(adviceOf(trouble('fishSmell', jacket))).toContain(line);
  const kapok = piece('shirt', { kapok: 100 }, { colour: 'mid', fastness: 'proven' });
  expect(waysOf(trouble('fishSmell', kapok))).toContain('plainWaters');
  expect(adviceOf(trouble('fishSmell', kapok))).not.toContain(line);
});

it('the suds that take a solvent out again stay in its round; the powder before it waits instead', () => {
  const chinos = piece('trousers', { cotton: 97, elastane: 3 }, { colour: 'pale' });
  const soap = { agentId: 'whiteSoap', times: 1, effect: 'nothing', hot: false, washedOut: 'no' } as const;
  const { rounds } = planOf(trouble('chainGrease', chinos, { tried: [soap] }));
  const ways = rounds[0]?.passes.map(({ methodId }) => methodId) ?? [];
  expect(ways.indexOf('neatDetergentSpot')).toBeGreaterThan(ways.indexOf('spiritsSpot'));
  expect(ways).toContain('spiritsSpot');
});
