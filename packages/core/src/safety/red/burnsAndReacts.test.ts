import { STANDING_NOTES } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import { household, knowledge, label } from '../../test/fixtures.js';
import { ask, expectSafe, made, type Nasty, tried } from '../../test/nasty.js';
import type { Plan } from '../../treatment/plan/plan.js';
import { planTreatment } from '../../treatment/planTreatment.js';
import { firstThings } from '../../whatIf/firstThings.js';

/*
 * What burns, explodes or gives off gas, and webbing that holds a person. Grounds: 06 = "Agents with their own gates"
 * and
 * "Forbidden together"; 10 = not for home; recalled from poison centres' and fire services' texts.
 */
const tee = made('tShirt', { cotton: 100 }, { colour: 'white' });
const overall = made('workwear', { cotton: 100 }, { colour: 'mid' });
const cloth = made('tableLinen', { cotton: 100 }, { colour: 'white' });
const foamBed = made('petBed', { cover: { polyester: 100 }, filling: { foam: 100 } });
const sofa = made('armchair', { cover: { cotton: 100 }, filling: { foam: 100 } }, { code: 'W', label: null });
const carpet = made('carpet', { pile: { wool: 100 }, backing: { jute: 100 } }, { label: null });
const pram = made('pram', { cover: { polyester: 100 }, webbing: { polyester: 100 } }, { label: label(30) });
const straps = made('straps', { polyamide: 100 }, { label: null });

/** Deeds of a plan, without what it forbids. */
const deedsIn = (plan: Plan) =>
  plan.passes.flatMap(({ actions }) =>
    actions.flatMap(({ notes, ingredients }) => [...notes, ...ingredients.map(({ agentId }) => agentId)]),
  );
const staysCold = (plan: Plan) => {
  expect(deedsIn(plan).filter((text) => /warmIron|^steam$|vacuum|fan on/i.test(text))).toEqual([]);
};
const firstActIs =
  (...texts: string[]) =>
  (plan: Plan) =>
    expect(plan.atOnce.actions.map(({ text }) => text).slice(0, texts.length)).toEqual(texts);
const {
  airOutdoors,
  airRoom,
  fuelOutside,
  oilOutside,
  floodNow,
  handsOff,
  wetOrDry,
  leaveFumes,
  floodFumes,
} = STANDING_NOTES;

const NASTY: readonly Nasty[] = [
  ...[overall, tee, made('jumper', { wool: 100 }, { label: null })].map(
    (piece): Nasty => ({
      name: `a splash of fuel on ${piece.itemId}`,
      ground: '10: aired outdoors until no smell, dish detergent, cool, alone, line',
      facts: ask('fuelSpill', piece, { size: 'palm' }),
      noChemistries: ['hydrocarbon', 'alcohol', 'ketone', 'ester', 'contactHeat'],
      cautions: ['airFirst'],
      holds: staysCold,
      offers: 'pass',
    }),
  ),
  ...[ask('fuelSpill', overall, { size: 'allOver' }), ask('fuelSpill', foamBed), ask('fuelSpill', sofa)].map(
    (facts): Nasty => ({
      name: `fuel soaked into ${facts.piece.itemId}`,
      ground: '10: soaked, foam: not at home, kept outdoors, hazardous-waste point',
      facts,
      findings: ['soakedWithFuel'],
      holds: firstActIs(fuelOutside.text),
      offers: 'professional',
    }),
  ),
  ...['towel', 'tShirt', 'workwear'].flatMap((itemId): Nasty[] =>
    (['woodVarnish', 'oilPaintMark'] as const).map(
      (markId): Nasty => ({
        name: `${markId} all over the ${itemId}`,
        ground: '10: a drying oil heats itself: not at home, one layer outdoors or wet in a metal can',
        facts: ask(markId, made(itemId, { cotton: 100 }, { label: label(60) }), {
          size: 'allOver',
          age: 'hours',
        }),
        findings: ['soakedWithDryingOil'],
        holds: firstActIs(oilOutside.text),
        offers: 'professional',
      }),
    ),
  ),
  ...['petrol', 'mineralSpirits', 'turpentine', 'adhesiveRemover', 'teaTreeOil'].flatMap(
    (agentId): Nasty[] => [
      {
        name: `candle wax on a cloth that ${agentId} has been put on`,
        ground: '06: no iron where a solvent was used; S2',
        facts: { ...ask('candleWax', cloth), tried: [tried(agentId)] },
        noAgents: ['warmIron', 'steam'],
        holds: firstActIs(airOutdoors.text),
        offers: 'pass',
      },
      {
        name: `mustard, ${agentId} tried`,
        ground: '06: aired out before any water, never down a drain; S4',
        facts: { ...ask('mustard', tee), tried: [tried(agentId)] },
        noLines: /two cold waters/,
        holds: firstActIs(airOutdoors.text),
        offers: 'pass',
      },
      {
        name: `coffee on a carpet, ${agentId} tried`,
        ground: 'the same where it cannot be carried out',
        facts: { ...ask('coffee', carpet), tried: [tried(agentId)] },
        noLines: /two cold waters|vacuum it|fan on/i,
        holds: firstActIs(airRoom.text),
        offers: 'either',
      },
    ],
  ),
  ...['ammonia', 'glassCleaner'].flatMap((agentId): Nasty[] => [
    {
      name: `dry iodine and ${agentId}`,
      ground: '10: dry crystals explode at a touch: hands off, fire service; S3',
      facts: { ...ask('iodineMark', tee, { wetness: 'dry' }), tried: [tried(agentId)] },
      noLines: /two cold waters|cold water|rinse it/i,
      findings: ['explosiveWhenDry'],
      holds: firstActIs(handsOff.text),
      offers: 'professional',
    },
    {
      name: `iodine and ${agentId}, nobody says whether dry`,
      ground: '10 section 4: unclear: careful acts meanwhile',
      facts: { ...ask('iodineMark', tee, { age: 'hours', wetness: 'unknown' }), tried: [tried(agentId)] },
      findings: ['explosiveWhenDry'],
      holds: firstActIs(wetOrDry.text),
      offers: 'professional',
    },
    {
      name: `wet iodine and ${agentId}`,
      ground: '10: wet: flood it, keep it wet',
      facts: { ...ask('iodineMark', tee, { wetness: 'wet' }), tried: [tried(agentId)] },
      noLines: /two cold waters/,
      holds: firstActIs(floodNow.text),
      offers: 'pass',
    },
  ]),
  ...['chlorineBleach', 'mouldSpray', 'poolChlorineProduct'].flatMap((one) =>
    ['vinegar', 'citricAcid', 'oxalicAcid', 'acidDescaler', 'ammonia', 'runRemover', 'softener'].map(
      (other, at): Nasty => ({
        name: `mildew, ${one} and ${other} still on it`,
        ground: '06 forbidden together; S5: window, leave, nothing added',
        facts: {
          ...ask('mildew', tee),
          tried: at % 2 === 0 ? [tried(one), tried(other)] : [tried(other), tried(one)],
        },
        findings: ['productsReact'],
        noLines: /bag it|let it dry/i,
        holds: firstActIs(leaveFumes.text, floodFumes.text),
        offers: 'either',
      }),
    ),
  ),
  ...['chainGrease', 'tar', 'vomit', 'rust', 'iodineMark', 'redWine', 'ballpoint', 'candleWax'].flatMap(
    (markId): Nasty[] => [
      {
        name: `${markId} on webbing without a label`,
        ground: '10 section 3: lukewarm water, mild soap, a sponge; S7',
        facts: ask(markId, straps),
        noChemistries: [
          'hydrocarbon',
          'alcohol',
          'weakAcid',
          'percarbonate',
          'peroxide',
          'protease',
          'contactHeat',
        ],
        holds: (plan) =>
          expect(
            plan.passes.flatMap(({ actions }) => actions.filter(({ bath, programme }) => bath || programme)),
          ).toEqual([]),
        offers: 'either',
      },
      {
        name: `${markId} on the straps of a pram whose cover has a tag`,
        ground: 'the tag of the cover says nothing of the straps',
        facts: { ...ask(markId, pram), partIndex: 1 },
        noChemistries: ['hydrocarbon', 'alcohol', 'weakAcid', 'percarbonate', 'peroxide', 'protease'],
        holds: (plan) =>
          expect(
            plan.passes.flatMap(({ actions }) => actions.filter(({ bath, programme }) => bath || programme)),
          ).toEqual([]),
        offers: 'either',
      },
    ],
  ),
];

describe('what burns, explodes, gives off gas or holds somebody', () => {
  it.each(NASTY)('$name', (nasty) => {
    expectSafe(nasty);
  });
  it('an ordinary method is left where nothing of it threatens', () => {
    const wax = planTreatment(ask('candleWax', cloth), household, knowledge);
    expect(wax.passes.map(({ methodId }) => methodId)).toContain('ironThroughPaper');
    const washed = { ...ask('candleWax', cloth), tried: [tried('petrol', { washedOut: 'yes' })] };
    const after = planTreatment(washed, household, knowledge);
    expect(after.passes.map(({ methodId }) => methodId)).toContain('ironThroughPaper');
    expect(after.atOnce.actions.map(({ verbs }) => verbs[0])).not.toContain('airOutdoors');
    const mud = planTreatment(
      ask('mud', made('dogLead', { polyamide: 100 }, { label: null })),
      household,
      knowledge,
    );
    expect(mud.passes.some(({ actions }) => actions.some(({ bath }) => bath !== null))).toBe(true);
    const cover = planTreatment(ask('vomit', pram), household, knowledge);
    expect(cover.passes.some(({ actions }) => actions.some(({ programme }) => programme !== null))).toBe(
      true,
    );
  });
  it('the first things carry the danger while little is told', () => {
    const bare = (markId: string, ...products: string[]) =>
      firstThings(
        {
          ...ask(markId, { ...tee, itemId: null, parts: [], label: null }),
          tried: products.map((id) => tried(id)),
        },
        household,
        knowledge,
      ).atOnce.actions.map(({ verbs }) => verbs[0]);
    expect(bare('saladOil', 'petrol')[0]).toBe('airOutdoors');
    expect(bare('mildew', 'chlorineBleach', 'vinegar')[0]).toBe('leaveRoom');
    expect(bare('iodineMark', 'ammonia')[0]).toMatch(/handsOff|keepFlooded/);
  });
});
