import { describe, expect, it } from 'vitest';
import { label } from '../../test/fixtures.js';
import { ask, expectSafe, made, type Nasty } from '../../test/nasty.js';
import type { Plan } from '../../treatment/plan/plan.js';

/*
 * What the make of a piece does not bear. Common practice, no source. A coating melts under an iron and comes off in
 * solvent. An unknown filling bears little. More than five kilograms is for no drum of a house.
 */
const usesOf = (plan: Plan) =>
  plan.passes.flatMap(({ actions }) =>
    actions.flatMap(({ ingredients }) => ingredients.map((one) => one.agentId)),
  );
const inDrum = (plan: Plan) =>
  plan.passes.filter(({ actions }) => actions.some(({ programme }) => programme && programme !== 'hand'));
const neverUses =
  (...agentIds: string[]) =>
  (plan: Plan) => {
    for (const agentId of agentIds) expect(usesOf(plan)).not.toContain(agentId);
  };

const iron = (tagged: 'none' | 'iron' | 'crossed') =>
  tagged === 'none'
    ? null
    : { ...label(40), iron: tagged === 'iron' ? ('low' as const) : ('never' as const) };
const SOFT = ['coating', 'polyethylene', 'neoprene', 'latex', 'foam', 'metallised', 'chlorofibre'] as const;
const WAXES = ['candleWax', 'crayon', 'shoePolish'] as const;

const COATED: readonly Nasty[] = [
  ...SOFT.flatMap((fibreId) =>
    WAXES.map(
      (markId): Nasty => ({
        name: `${markId} on a tablecloth of ${fibreId}, no tag`,
        ground: 'it melts or shrinks under an iron',
        facts: ask(markId, made('tableLinen', { [fibreId]: 100 }, { label: null }), { age: 'days' }),
        holds: neverUses('warmIron'),
        offers: 'either',
      }),
    ),
  ),
  ...(['polyamide', 'polyester', 'cotton'] as const).flatMap((fibreId) =>
    [...WAXES, 'tar', 'saladOil'].map(
      (markId): Nasty => ({
        name: `${markId} on a rain jacket told as ${fibreId} alone`,
        ground: 'its coating is rarely told; solvent lifts it and an iron melts it',
        facts: ask(markId, made('coatedJacket', { [fibreId]: 100 }, { label: null }), { age: 'days' }),
        holds: neverUses('warmIron', 'mineralSpirits', 'petrol', 'acetone'),
        offers: 'either',
      }),
    ),
  ),
];

const HEAVY: readonly Nasty[] = (
  [
    ['blanket', { cotton: 100 }],
    ['duvet', { polyester: 100 }],
    ['curtain', { polyester: 100 }],
    ['bedspread', { cotton: 100 }],
  ] as const
).flatMap(([itemId, fibres]) =>
  ['tea', 'mud', 'saladOil'].map(
    (markId): Nasty => ({
      name: `${markId} on a ${itemId} of seven kilograms`,
      ground: 'wet it throws or breaks the drum of a house',
      facts: ask(markId, { ...made(itemId, fibres, { label: label(40) }), dryMassG: 7000 }),
      holds: (plan) => expect(inDrum(plan)).toEqual([]),
      offers: 'either',
    }),
  ),
);

const FILLED: readonly Nasty[] = [
  ...(['pillow', 'duvet', 'sleepingBag', 'downPillow'] as const).flatMap((itemId) =>
    ['tea', 'blood', 'sweatMark', 'humanUrine'].map(
      (markId): Nasty => ({
        name: `${markId} on an unlabelled ${itemId}`,
        ground: 'nobody knows its filling: 40 °C at most, and no enzymes where it may be down',
        facts: ask(markId, made(itemId, { cotton: 100 }, { label: null })),
        holds: (plan) => {
          for (const { actions } of plan.passes)
            for (const { tempC } of actions) expect(tempC?.max ?? 0).toBeLessThanOrEqual(40.5);
        },
        offers: 'either',
      }),
    ),
  ),
  ...['tea', 'humanUrine', 'vomit', 'sweatMark'].map(
    (markId): Nasty => ({
      name: `${markId} on a foam pillow`,
      ground: 'foam is wiped, never soaked, tumbled or put into a machine',
      facts: ask(markId, made('foamPillow', { foam: 100 }, { label: null })),
      holds: (plan) => {
        expect(inDrum(plan)).toEqual([]);
        expect(plan.passes.flatMap(({ actions }) => actions).filter(({ bath }) => bath !== null)).toEqual([]);
      },
      offers: 'either',
    }),
  ),
];

const STEAMED: readonly Nasty[] = [
  'candleWax',
  'tar',
  'motorOil',
  'chainGrease',
  'sap',
  'propolis',
  'shoePolish',
].flatMap((markId) =>
  (['jumper', 'linedCoat', 'tie'] as const).map(
    (itemId): Nasty => ({
      name: `${markId} all over a ${itemId}`,
      ground: 'steam softens wax and resin and drives them in; it takes no fat out',
      facts: ask(markId, made(itemId, { wool: 100 }, { label: null }), { age: 'days', size: 'allOver' }),
      holds: neverUses('steam'),
      offers: 'either',
    }),
  ),
);

describe('what the make of a piece does not bear', () => {
  it.each([...COATED, ...HEAVY, ...FILLED, ...STEAMED])('$name', (nasty) => {
    expectSafe(nasty);
  });
});

describe('too careful is wrong too', () => {
  it('a tag with an iron lets a coated cloth be ironed through paper, one without does not', () => {
    const waxOn = (tagged: Parameters<typeof iron>[0]): Nasty => ({
      name: 'wax',
      ground: 'ISO 3758: the tag speaks for the finished piece',
      facts: ask('candleWax', made('coatedJacket', { polyamide: 100 }, { label: iron(tagged) }), {
        age: 'days',
      }),
      holds: (plan) => expect(usesOf(plan).includes('warmIron')).toBe(tagged === 'iron'),
      offers: 'either',
    });
    for (const tagged of ['none', 'iron', 'crossed'] as const) expectSafe(waxOn(tagged));
  });
  it('a cotton blanket of two kilograms with a tag of 40 goes into the machine', () => {
    expectSafe({
      name: 'tea on a blanket',
      ground: 'ordinary',
      facts: ask('tea', { ...made('blanket', { cotton: 100 }, { label: label(40) }), dryMassG: 2000 }),
      holds: (plan) => expect(inDrum(plan).length).toBeGreaterThan(0),
      offers: 'pass',
    });
  });
});
