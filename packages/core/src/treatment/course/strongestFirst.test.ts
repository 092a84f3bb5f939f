import { describe, expect, it } from 'vitest';
import { contextOf, fewWords, household, knowledge, label, piece, trouble } from '../../test/fixtures.js';
import { planTreatment } from '../planTreatment.js';
import { clothOf } from './clothOf.js';

/* Grounds: common practice, no source; what does most goes into the first round, not into the last. */
const plan = (...of: Parameters<typeof trouble>) => planTreatment(trouble(...of), household, knowledge);
const waysOf = (made: ReturnType<typeof plan>, round: number) =>
  made.rounds[round]?.passes.map(({ methodId }) => methodId) ?? [];
const coloured = piece('shirt', { cotton: 100 }, { colour: 'mid', fastness: 'proven', label: label(40) });

describe('round one', () => {
  it.each(['coffee', 'tea', 'redWine', 'berry'])(
    '%s of today on fast cotton: the oxygen soak is in it',
    (markId) => {
      const made = plan(markId, coloured, { age: 'hours', size: 'palm' });
      expect(waysOf(made, 0)).toContain('colourOxygenSoak');
    },
  );
  it('keeps what dries on it overnight for what is left', () => {
    const mattress = piece('mattress', { cotton: 100 }, { colour: 'white', label: null });
    const made = plan('blood', mattress, { age: 'days' });
    expect(waysOf(made, 0)).not.toContain('mattressPeroxideCoat');
  });
  it('has what a course names as doing most, however little the estimate gives it', () => {
    const made = plan('slime', piece('shirt', { cotton: 100 }, { colour: 'white', label: label(60) }));
    expect(waysOf(made, 0)).toContain('vinegarSpot');
  });
  it('takes laundry liquid where dish detergent is missing, and a mild one only after that', () => {
    const without = {
      ...household,
      cupboard: [
        { agentId: 'liquidDetergent', strengthPct: null },
        { agentId: 'delicateDetergent', strengthPct: null },
      ],
    };
    const made = planTreatment(trouble('butter', coloured, { size: 'palm' }), without, knowledge);
    const [first] = made.rounds;
    const agents = first?.passes.flatMap(({ actions }) =>
      actions.flatMap(({ ingredients }) => ingredients.map(({ agentId }) => agentId)),
    );
    expect(agents).toContain('liquidDetergent');
  });
});

describe('old blood', () => {
  const sheet = piece('bedSheet', { cotton: 100 }, { colour: 'white', label: label(60) });
  it('is soaked before peroxide is dabbed on it; fresh blood is not', () => {
    const old = waysOf(plan('blood', sheet, { age: 'days', wetness: 'dry' }), 0);
    expect(old.indexOf('bioSoak')).toBeGreaterThanOrEqual(0);
    expect(old.indexOf('bioSoak')).toBeLessThan(old.indexOf('peroxideDab'));
    expect(waysOf(plan('blood', sheet, { age: 'minutes' }), 0)).not.toContain('bioSoak');
  });
  it('waits with its soak where another trouble needs dry cloth first', () => {
    const two = trouble('blood', sheet, { age: 'days', wetness: 'dry', markIds: ['blood', 'mascara'] });
    const ways = waysOf(planTreatment(two, household, fewWords), 0);
    expect(ways.indexOf('neatDetergentSpot')).toBeGreaterThanOrEqual(0);
    expect(ways.indexOf('bioSoak')).toBeGreaterThan(ways.indexOf('neatDetergentSpot'));
  });
});

describe('a wash with oxygen in the drum', () => {
  const towel = (maxC: 40 | 60) =>
    piece('towel', { cotton: 100 }, { colour: 'mid', fastness: 'proven', label: label(maxC) });
  it('is the whole first round of musty towels where the tag is hot enough; else they are soaked', () => {
    expect(waysOf(plan('musty', towel(60)), 0)).toEqual(['colourOxygenWash']);
    expect(waysOf(plan('musty', towel(40)), 0)).toContain('colourOxygenSoak');
  });
});

describe('what is worth buying', () => {
  it('is named in the second round, never in the first, and nowhere where it is in the house', () => {
    const has = ['dishDetergent', 'vinegar', 'sunAir'].map((agentId) => ({ agentId, strengthPct: null }));
    const wine = trouble(
      'redWine',
      piece('tableLinen', { linen: 100 }, { colour: 'white', label: label(60) }),
      {
        age: 'hours',
        wetness: 'dry',
      },
    );
    const here = { ...wine, reach: 'house' as const };
    const [first, second] = planTreatment(here, { ...household, cupboard: has }, knowledge).rounds;
    const missing = (round: typeof first) => round?.passes.flatMap((pass) => pass.missingAgentIds) ?? [];
    expect(missing(first)).toEqual([]);
    expect(missing(second)).toContain('oxygenBleach');
    expect(planTreatment(here, household, knowledge).rounds.flatMap(missing)).not.toContain('oxygenBleach');
  });
});

describe('what no course has', () => {
  // Products in it whose share is not known leave next to nothing of the suds' effect.
  const tried = ['runRemover', 'vinegar'].map((agentId) => ({
    agentId,
    times: 1,
    effect: 'unknown' as const,
    hot: false,
    washedOut: 'no' as const,
  }));
  it('comes where its kind of work belongs: a solvent before the suds that take its rest', () => {
    const beanie = piece(
      'beanie',
      { acetate: 100 },
      { colour: 'multicoloured', condition: 'worn', label: label(40, 'oxygenOnly') },
    );
    const ways = waysOf(plan('propolis', beanie, { age: 'hours', size: 'hand', tried }), 0);
    const suds = ways.findIndex((id) => ['delicateSpot', 'mildDishSpot'].includes(id));
    expect(suds).toBeGreaterThan(0);
    expect(ways.indexOf('alcoholSpot')).toBe(suds - 1);
  });
});

describe('the class of a cloth', () => {
  const blend = (of: object) =>
    clothOf(contextOf(trouble('coffee', piece('shirt', { polyester: 65, cotton: 35 }, of))));
  it('polyester-cotton with a tag of 40 or more is treated as cotton, below that as synthetic', () => {
    expect(blend({ colour: 'white', label: label(60) })).toBe('white');
    expect(blend({ colour: 'mid', label: label(40) })).toBe('coloured');
    expect(blend({ colour: 'mid', label: label(30) })).toBe('synthetic');
  });
  it('a tie whose tag bars water gets no water in any round; a seat is no such piece', () => {
    const silk = { colour: 'dark', label: { ...label(30), wash: { kind: 'never' } } } as const;
    const made = plan('saladOil', piece('tie', { silk: 100 }, silk), { size: 'coin' });
    const wet = made.rounds.flatMap(({ passes }) => passes).flatMap(({ actions }) => actions);
    expect(
      wet.filter(
        ({ ingredients, waterML }) =>
          waterML || ingredients.some(({ agentId }) => agentId !== 'absorbentPowder'),
      ),
    ).toEqual([]);
  });
});

it('six shirts share one bath, or lots of one, by all they weigh', () => {
  const white = piece('shirt', { cotton: 100 }, { colour: 'white', label: label(60) });
  const made = plan('sweatYellow', white, { size: 'hand', age: 'weeks', pieces: 6 });
  const baths = made.rounds
    .flatMap(({ passes }) => passes)
    .flatMap(({ actions }) => actions.filter(({ bath }) => bath));
  expect(baths.length).toBeGreaterThan(0);
  // 200 g a shirt; 8 L/kg is the least that covers.
  for (const { bath, batches } of baths)
    expect((bath?.waterL ?? 0) * batches).toBeGreaterThanOrEqual(6 * 0.2 * 8);
});

it('what somebody put something else in the place of does not come back by itself', () => {
  const damask = piece('tableLinen', { linen: 100 }, { colour: 'white', label: label(60) });
  const choices = {
    instead: { oxygenSoak: 'peroxideDetergentSpot' },
    leftOut: [],
    vessels: {},
    readyInMin: null,
  };
  const made = plan('beetroot', damask, { age: 'hours', wetness: 'dry', choices });
  expect(made.rounds.flatMap(({ passes }) => passes).map(({ methodId }) => methodId)).not.toContain(
    'oxygenSoak',
  );
});
