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

it('the main step of a course stays where nothing takes more, though it is slow; not where dry heat has set it', () => {
  expect(waysOf(trouble('rust', scarf))).toContain('weakVinegarSpot');
  expect(waysOf(trouble('rust', scarf, { heat: 'ironed' }))).not.toContain('weakVinegarSpot');
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
  expect(bathed(berry('nothing'))).not.toContain('oxygenBleach');
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
