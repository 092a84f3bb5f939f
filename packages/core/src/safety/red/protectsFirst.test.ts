import { describe, expect, it } from 'vitest';
import { household, knowledge, label } from '../../test/fixtures.js';
import { ask, expectSafe, made, type Nasty, OWNS_ALL, tried } from '../../test/nasty.js';
import type { Plan } from '../../treatment/plan/plan.js';
import { planTreatment } from '../../treatment/planTreatment.js';
import { whatWouldChange } from '../../whatIf/whatWouldChange.js';

/*
 * What protects a person comes before the hand touches anything: gloves, a mask, the plug, the window. Grounds: 10 = not
 * for home (sections 1, 2 and 4); 06 = what protects people; recalled from poison centres' texts where no more is named.
 */
const tee = made('tShirt', { cotton: 100 }, { colour: 'white' });
const jumper = made('jumper', { wool: 100 }, { colour: 'mid', label: null });
const carpet = made('carpet', { pile: { wool: 100 }, backing: { jute: 100 } }, { label: null });
const sofa = made('armchair', { cover: { cotton: 100 }, filling: { foam: 100 } }, { code: 'W', label: null });
const baby = made('babyClothes', { cotton: 100 }, { colour: 'white' });
const scarf = made('scarf', { silk: 100 }, { colour: 'dark', label: null });
const duvet = made('duvetCover', { cotton: 100 }, { colour: 'white', label: label(60) });
const jeans = made('jeans', { cotton: 98, elastane: 2 }, { colour: 'dark', label: label(40) });
const PIECES = [tee, jumper, carpet, sofa, baby, scarf, duvet, jeans];

/** The first act is this, before water, cloth or spoon. */
const begins = (words: RegExp) => (plan: Plan) => {
  expect(plan.atOnce.actions[0]?.text ?? 'no first act').toMatch(words);
};
/** These words stand in the acts before the first that is not a guard. */
const guards =
  (...words: RegExp[]) =>
  (plan: Plan) => {
    const { actions } = plan.atOnce;
    const end = actions.findIndex(({ verbs }) => verbs.every((verb) => verb !== 'protect'));
    const before = actions
      .slice(0, end < 0 ? actions.length : end)
      .map(({ text }) => text)
      .join(' ');
    for (const one of words) expect(before).toMatch(one);
  };
const isLeftAlone = (plan: Plan) => {
  expect(plan.passes).toEqual([]);
  expect(plan.atOnce.actions.map(({ text }) => text).join(' ')).not.toMatch(/two cold waters|keep it wet/i);
};

const NASTY: readonly Nasty[] = [
  ...PIECES.flatMap((piece): Nasty[] =>
    (['minutes', 'days', 'unknown'] as const).map((age) => ({
      name: `vape liquid on ${piece.itemId}, ${age} old`,
      ground: '10: nicotine goes through skin: gloves before anything; children and animals away',
      facts: ask('vapeLiquid', piece, { age, wetness: age === 'minutes' ? 'wet' : 'dry' }),
      holds: begins(/gloves on.*skin/i),
      offers: 'either',
    })),
  ),
  ...['rust', 'tea', 'mud', 'blood', 'saladOil', 'ironYellow'].flatMap((markId) =>
    [tee, jeans, carpet, jumper].map(
      (piece): Nasty => ({
        name: `${markId} on ${piece.itemId}, a fluoride rust remover tried`,
        ground: '10: skin first, emergency number without waiting for pain; the piece is not washed',
        facts: { ...ask(markId, piece), tried: [tried('strongRustRemover')] },
        findings: ['fluorideOnIt'],
        holds: (plan) => {
          isLeftAlone(plan);
          begins(/gloves.*emergency number/i)(plan);
        },
        offers: 'professional',
      }),
    ),
  ),
  ...['humanUrine', 'tea', 'milk', 'vomit', 'redWine', 'musty', 'blood', 'cola'].flatMap((markId) =>
    [label(30), null].map(
      (tag): Nasty => ({
        name: `${markId} on an electric blanket ${tag ? 'with a tag' : 'without a tag'}`,
        ground: '10 section 3: unplugged at the wall, dry hands',
        facts: ask(markId, made('electricBlanket', { polyester: 100 }, { label: tag })),
        holds: guards(/unplug it at the wall/i),
        offers: 'either',
      }),
    ),
  ),
  ...['sootMark', 'toner', 'mildew'].flatMap((markId) =>
    [tee, carpet, sofa, duvet, scarf, jumper].flatMap((piece) =>
      [true, false].map(
        (asthma): Nasty => ({
          name: `${markId} on ${piece.itemId}${asthma ? ', asthma in the house' : ''}`,
          ground: '10: fine dust: mask; whoever has asthma out of the room',
          facts: ask(markId, piece, { wetness: 'dry', age: 'days' }),
          home: { asthma },
          holds: (plan) => {
            guards(/mask/i, /asthma/i)(plan);
            const acts = plan.atOnce.actions.map(({ text }) => text).join(' ');
            if (asthma) expect(acts).not.toMatch(/\bshake\b|vacuum/i);
          },
          offers: 'either',
        }),
      ),
    ),
  ),
  ...['vomit', 'faeces', 'humanUrine', 'blood', 'woundFluid', 'semen', 'mucus'].flatMap((markId) =>
    [tee, carpet, baby, sofa, jumper].map(
      (piece): Nasty => ({
        name: `${markId} on ${piece.itemId}, dried in`,
        ground: '10 section 2: gloves, whatever its age',
        facts: ask(markId, piece, { age: 'days', wetness: 'dry' }),
        holds: guards(/gloves/i),
        offers: 'either',
      }),
    ),
  ),
  ...['ammonia', 'chlorineBleach', 'drainCleaner', 'unknownProduct', 'mouldSpray'].flatMap((agentId) =>
    ['tea', 'saladOil', 'mud', 'redWine'].flatMap((markId) =>
      [tee, carpet].map(
        (piece): Nasty => ({
          name: `${markId} on ${piece.itemId}, ${agentId} still in it`,
          ground: '06: corrosive or fuming products: window and gloves before it is touched',
          facts: { ...ask(markId, piece), tried: [tried(agentId)] },
          holds: guards(/gloves/i),
          offers: 'either',
        }),
      ),
    ),
  ),
  ...PIECES.map(
    (piece): Nasty => ({
      name: `cement on ${piece.itemId}`,
      ground: '10: wet lime burns skin slowly',
      facts: ask('plaster', piece, { age: 'minutes', wetness: 'wet' }),
      holds: guards(/gloves.*(cement|lime)/i),
      offers: 'either',
    }),
  ),
  ...[jeans, made('protectiveWear', { cotton: 100 }, { label: label(60) })].map(
    (piece): Nasty => ({
      name: `fuel on ${piece.itemId}: no spirits`,
      ground: '10: no solvent on what burns, none on flame-resistant wear',
      facts: ask('fuelSpill', piece),
      noChemistries: ['hydrocarbon', 'alcohol', 'ketone'],
      holds: begins(/outdoors/i),
      offers: 'either',
    }),
  ),
];

describe('what protects a person comes first', () => {
  it.each(NASTY)('$name', (nasty) => {
    expectSafe(nasty);
  });
  it('is about two hundred requests', () => {
    expect(NASTY.length).toBeGreaterThan(180);
  });
});

describe('a danger does not end with its mark', () => {
  const goneOf = (markId: string, ...products: string[]) => {
    const parts = knowledge.marks.find(({ id }) => id === markId)?.components ?? [];
    return planTreatment(
      {
        ...ask(markId, tee),
        wetness: 'dry',
        tried: products.map((id) => tried(id)),
        goneComponentIds: parts.map(({ componentId }) => componentId),
      },
      OWNS_ALL,
      knowledge,
    );
  };
  it.each([
    ['iodine with ammonia', 'iodineMark', ['ammonia'], /hands off/i],
    ['chlorine with vinegar', 'mildew', ['chlorineBleach', 'vinegar'], /open the windows/i],
    ['petrol', 'tea', ['petrol'], /outdoors/i],
    ['a fluoride rust remover', 'rust', ['strongRustRemover'], /emergency number/i],
    ['fuel', 'fuelSpill', [], /outdoors/i],
  ] as const)('%s, all told to be gone', (_, markId, products, words) => {
    const plan = goneOf(markId, ...products);
    expect(plan.passes).toEqual([]);
    expect(plan.atOnce.actions[0]?.text ?? 'no first act').toMatch(words);
  });
  it('paraffin cream told to be gone still says that it burns', () => {
    const plan = goneOf('skinCream');
    expect(plan.findings.map(({ code }) => code)).toEqual(
      expect.arrayContaining(['nothingLeft', 'dangerHere']),
    );
  });
  it('and nothing is said where nothing threatens', () => {
    const plan = goneOf('tea');
    expect(plan.atOnce.actions).toEqual([]);
    expect(plan.findings.map(({ code }) => code)).toEqual(['nothingLeft']);
  });
});

describe('what would change', () => {
  it.each(['petUrine', 'catUrine', 'humanUrine', 'fishSmell'])(
    'never opens chlorine on mildew because %s would be treated by itself',
    (other) => {
      const facts = { ...ask('mildew', tee), markIds: ['mildew', other] };
      const answers = whatWouldChange(
        'chlorineSoak',
        facts,
        { ...household, allowChlorine: true },
        knowledge,
      );
      expect(answers.flat().map(({ code }) => code)).not.toContain('marksApart');
      expect(answers.flat().map(({ code }) => code)).not.toContain('soilGone');
    },
  );
});

describe('an ordinary trouble has no guards before it', () => {
  it.each(['tea', 'grass', 'saladOil', 'redWine', 'mud', 'candleWax'])('%s', (markId) => {
    const plan = planTreatment(ask(markId, tee), household, knowledge);
    expect(plan.atOnce.actions.map(({ verbs }) => verbs.includes('protect'))).not.toContain(true);
    expect(plan.passes.length).toBeGreaterThan(0);
  });
});
