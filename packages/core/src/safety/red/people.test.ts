import { describe, expect, it } from 'vitest';
import { knowledge, label } from '../../test/fixtures.js';
import { ask, expectSafe, made, type Nasty, tried } from '../../test/nasty.js';
import type { Plan } from '../../treatment/plan/plan.js';

/*
 * Requests that could hurt a person, in the families of the hostile reading and more of our own. Grounds: "CLP" = EC
 * 1272/2008; "PC" = poison centres' texts, recalled; "CP" = common practice, no source; "HB" = chemistry handbooks,
 * recalled.
 */
const tee = (facts = {}) => made('tShirt', { cotton: 100 }, facts);
const sheet = made('bedSheet', { cotton: 100 }, { label: label(95, 'any') });
const sofa = made('armchair', { cover: { cotton: 100 }, filling: { foam: 100 } }, { code: 'W', label: null });

const agentOf = (id: string) => knowledge.agents.find((agent) => agent.id === id);
const poursOf = (plan: Plan) =>
  plan.passes.flatMap((pass) => pass.actions.flatMap((action) => action.ingredients));
/** No pour of what burns is over its cap, nor its upper end, nor all of a pass together. */
const underCaps = (plan: Plan) =>
  expect(
    poursOf(plan).filter(
      ({ agentId, volumeML, range }) =>
        Math.max(volumeML ?? 0, range?.high ?? 0) >
        (agentOf(agentId)?.mostMLPerRound ?? Number.POSITIVE_INFINITY),
    ),
  ).toEqual([]);
const BURNING = ['isopropanol', 'acetone', 'esterRemover', 'mineralSpirits', 'solventPretreater'];

const SOLVENT_MARKS = ['nailVarnish', 'motorOil', 'permanentMarker', 'ballpoint', 'tar', 'oilPaintMark'];
const bySize: Nasty[] = SOLVENT_MARKS.flatMap((mark): Nasty[] => [
  {
    name: `${mark} on a wool blanket, size not told`,
    ground: '07 section 4: a palm, never the whole piece',
    facts: ask(mark, made('blanket', { wool: 100 }), { size: 'unknown' }),
    findings: ['sizeAssumed'],
    holds: underCaps,
    offers: 'either',
  },
  {
    name: `${mark} on a sheet, a coin in size: drops`,
    ground: '07 section 4: fresh pads count, not millilitres',
    facts: ask(mark, sheet, { size: 'coin' }),
    holds: (plan) => {
      const burning = poursOf(plan).filter((one) => BURNING.includes(one.agentId));
      expect(burning.filter(({ volumeML }) => volumeML === null || volumeML > 3)).toEqual([]);
    },
    offers: 'pass',
  },
  {
    name: `${mark} on a sheet, larger than a plate`,
    ground: '07 section 4: past the cap it is a job for a professional',
    facts: ask(mark, sheet, { size: 'larger' }),
    noAgents: BURNING,
    offers: 'either',
  },
  {
    name: `${mark} all over a tablecloth`,
    ground: '07 section 4: all over is no spot',
    facts: ask(mark, made('tableLinen', { linen: 100 }), { size: 'allOver' }),
    noAgents: BURNING,
    offers: 'either',
  },
]);

const glue: Nasty[] = (
  [
    ['cotton', { cotton: 100 }, 'tShirt'],
    ['wool', { wool: 100 }, 'jumper'],
    ['viscose', { viscose: 100 }, 'dress'],
  ] as const
).map(([name, fibres, item]) => ({
  name: `wet super glue on ${name}`,
  ground: 'HB: cyanoacrylate sets at once on cellulose and protein and gets burning hot',
  facts: ask('superGlueMark', made(item, fibres), { wetness: 'wet', age: 'minutes' }),
  noLines: /blot with a white cloth/i,
  cautions: ['superGlueHeat'],
  lines: /let it (set hard first|cure)/i,
  offers: 'pass',
}));

const TUMBLES = /(?<!never )tumble/i;
const tumbling: Nasty[] = [
  ...(['towel', 'bathrobe', 'duvet', 'pillow'] as const).map(
    (item): Nasty => ({
      name: `motor oil on a ${item}, with the school that tumbles`,
      ground: '06: no tumble after solvent, nor with oil left',
      facts: ask('motorOil', made(item, { cotton: 100 }), { positions: { dryWay: 'tumbleDry' } }),
      noLines: TUMBLES,
      offers: 'pass',
    }),
  ),
  ...(['saladOil', 'butter', 'mayonnaise', 'motorOil', 'oilPaintMark'] as const).map(
    (mark): Nasty => ({
      name: `${mark} on a towel: rags heat up by themselves`,
      ground: 'HB: unsaturated oils self-heat; 06',
      facts: ask(mark, made('towel', { cotton: 100 }), { positions: { dryWay: 'tumbleDry' } }),
      cautions: ['oilyRags'],
      noLines: TUMBLES,
      offers: 'pass',
    }),
  ),
  {
    name: 'paraffin cream on pyjamas',
    ground: '06: paraffin cream makes cloth burn readily',
    facts: ask('skinCream', made('childNightwear', { cotton: 100 }), { positions: { dryWay: 'tumbleDry' } }),
    cautions: ['paraffinFire'],
    noLines: TUMBLES,
    offers: 'pass',
  },
];

const triedSolvents: Nasty[] = ['petrol', 'mineralSpirits', 'acetone', 'isopropanol', 'esterRemover'].map(
  (agentId) => ({
    name: `${agentId} already on it, then asked about oil`,
    ground: '07 section 6: air first, wash alone, no dryer',
    facts: ask('saladOil', tee(), { tried: [tried(agentId)] }),
    findings: ['solventOnIt'],
    cautions: ['airFirst', 'flammable'],
    lines: /outdoors until no smell is left/i,
    noLines: TUMBLES,
    holds: (plan) => {
      const kinds = plan.passes[0]?.actions.map((action) => action.kind) ?? [];
      expect(kinds[0]).toBe('airOut');
    },
    offers: 'pass',
  }),
);

const WHITES = { allowChlorine: true };
const gone: Nasty[] = [
  ...(['petUrine', 'humanUrine', 'catUrine', 'mattressRing'] as const).map(
    (mark): Nasty => ({
      name: `${mark} gone, mildew left: no chlorine on dried urea`,
      ground: 'PC: chloramines; 07 section 6',
      facts: ask([mark, 'mildew'], sheet, { goneComponentIds: ['urineSalts'] }),
      home: WHITES,
      noChemistries: ['chlorine'],
      cautions: ['hiddenUrine'],
      offers: 'pass',
    }),
  ),
  ...(
    [
      ['blood', 'haem'],
      ['fish', 'amineOdour'],
      ['sweatFresh', 'sweatSalts'],
      ['egg', 'protein'],
    ] as const
  ).map(
    ([mark, component]): Nasty => ({
      name: `${mark} gone, mildew left: the ban outlasts the mark`,
      ground: 'PC: chloramines from protein and amines',
      facts: ask([mark, 'mildew'], sheet, { goneComponentIds: [component] }),
      home: WHITES,
      noChemistries: ['chlorine'],
      offers: 'pass',
    }),
  ),
];

const chlorineTried: Nasty[] = (['petUrine', 'humanUrine', 'fishSmell', 'fish', 'blood'] as const).map(
  (mark) => ({
    name: `chlorine bleach already on ${mark}`,
    ground: 'PC: window open, leave if it stings, rinse',
    facts: ask(mark, sheet, { tried: [tried('chlorineBleach')] }),
    findings: ['chlorineFumesFrom'],
    cautions: ['chlorineOnIt', 'chlorineFumes'],
    noChemistries: ['weakAcid', 'ammonia', 'peroxide', 'percarbonate'],
    offers: 'pass',
  }),
);
const otherTried: Nasty[] = [
  {
    name: 'chlorine bleach already on rust: acid waits, fumes are said',
    ground: 'PC: chlorine with acid is chlorine gas',
    facts: ask('rust', sheet, { tried: [tried('chlorineBleach')] }),
    noChemistries: ['weakAcid', 'oxalicAcid'],
    offers: 'either',
  },
  {
    name: 'chlorine bleach on rust, washed out since: the acid is offered again',
    ground: '07 section 6: washed since lifts the ban',
    facts: ask('rust', sheet, { tried: [tried('chlorineBleach', { washedOut: 'yes' })] }),
    holds: (plan) => expect(plan.passes.map((pass) => pass.methodId)).toContain('citricSpot'),
    offers: 'pass',
  },
  {
    name: 'vinegar on a sofa, washed or not: chlorine never',
    ground: '06: no hypochlorite on a surface ever',
    facts: ask('mildew', sofa, { tried: [tried('vinegar', { washedOut: 'yes' })] }),
    noChemistries: ['chlorine'],
    offers: 'either',
  },
  ...(
    [
      ['tShirt', 'pass'],
      ['towel', 'pass'],
      ['jumper', 'pass'],
    ] as const
  ).map(
    ([item, offers]): Nasty => ({
      name: `ammonia on iodine on a ${item}`,
      ground: 'HB: nitrogen triiodide explodes dry at a touch',
      facts: ask('iodineMark', made(item, { cotton: 100 }), { wetness: 'wet', tried: [tried('ammonia')] }),
      findings: ['explosiveWhenDry'],
      cautions: ['keepWetFlood'],
      noLines: /let it dry before/i,
      holds: (plan) =>
        expect(plan.passes[0]?.actions.find(({ kind }) => kind !== 'firstAid')).toMatchObject({
          kind: 'rinseBefore',
          rinses: 5,
        }),
      offers,
    }),
  ),
  {
    name: 'hydrofluoric rust remover on leather, where nothing can be done: the danger is said all the same',
    ground: 'PC: hospital at once',
    facts: ask('rust', made('gloves', { leather: 100 }), { tried: [tried('strongRustRemover')] }),
    findings: ['fluorideOnIt'],
    lines: /hospital at once/i,
    offers: 'professional',
  },
  {
    name: 'wet super glue on leather, where nothing can be done: the danger is said all the same',
    ground: 'HB: it sets at once on protein',
    facts: ask('superGlueMark', made('jumper', { leather: 100 }), { wetness: 'wet' }),
    findings: ['dangerHere'],
    lines: /burns skin/i,
    offers: 'professional',
  },
  ...(['tShirt', 'bedSheet'] as const).map(
    (item): Nasty => ({
      name: `ammonia on iodine on a ${item}, dry by now: nobody touches it`,
      ground: 'HB: nitrogen triiodide explodes dry at a touch',
      facts: ask('iodineMark', made(item, { cotton: 100 }), { wetness: 'dry', tried: [tried('ammonia')] }),
      findings: ['explosiveWhenDry'],
      noLines: /take it to a professional/i,
      lines: /call the fire service/i,
      offers: 'professional',
    }),
  ),
  {
    name: 'ammonia on iodine on a carpet: nothing at home',
    ground: 'HB: it cannot be flooded out',
    facts: ask(
      'iodineMark',
      made('carpet', { pile: { polyamide: 100 }, backing: { polypropylene: 100 } }, { code: 'W' }),
      {
        tried: [tried('ammonia')],
      },
    ),
    findings: ['explosiveWhenDry'],
    offers: 'professional',
  },
  ...(['strongRustRemover'] as const).flatMap((agentId): Nasty[] =>
    ['rust', 'tea'].map((mark) => ({
      name: `${agentId} already on ${mark}`,
      ground: 'PC: hydrofluoric acid burns deep and late; 10: the piece is not washed at home',
      facts: ask(mark, sheet, { tried: [tried(agentId)] }),
      findings: ['fluorideOnIt'],
      lines: /hospital at once/i,
      offers: 'professional',
    })),
  ),
  {
    name: 'dry-cleaning fluid already on it: narcotic, not flammable',
    ground: 'CLP: Carc. 2, STOT SE 3; decomposes on hot surfaces',
    facts: ask('butter', tee(), { tried: [tried('chlorinatedSolvent')] }),
    cautions: ['narcoticVapour'],
    noLines: TUMBLES,
    holds: (plan) => expect(plan.passes[0]?.actions[0]?.cautionIds).not.toContain('flammable'),
    offers: 'pass',
  },
  {
    name: 'petrol already on it: swallowed is said',
    ground: 'CLP: Asp. Tox. 1, do not induce vomiting',
    facts: ask('chainGrease', tee(), { tried: [tried('petrol')] }),
    cautions: ['aspiration'],
    lines: /do not make them vomit/i,
    offers: 'pass',
  },
  {
    name: 'mineral spirits offered: swallowed, and what is left, are said',
    ground: 'CLP: Asp. Tox. 1; local rules of disposal',
    facts: ask('motorOil', made('workwear', { cotton: 100 }), {
      positions: { oil: 'oilSolvent' },
      size: 'palm',
    }),
    cautions: ['aspiration', 'spentSolvent'],
    lines: /never down a drain/i,
    offers: 'pass',
  },
  {
    name: 'an unnamed product already on it',
    ground: '06: unknown and anything',
    facts: ask('tea', tee(), { tried: [tried('unknownProduct')] }),
    cautions: ['unknownCare'],
    noChemistries: ['chlorine', 'ammonia', 'reducer', 'alcohol', 'hydrocarbon'],
    offers: 'pass',
  },
  {
    name: 'pool chlorine already on it',
    ground: 'PC: pool chlorine with acid, solvent, peroxide',
    facts: ask('tea', tee(), { tried: [tried('poolChlorineProduct')] }),
    noChemistries: ['weakAcid', 'peroxide', 'percarbonate', 'chlorine', 'alcohol'],
    offers: 'pass',
  },
];

const ASTHMA = { asthma: true };
const kept: Nasty[] = [
  ...SOLVENT_MARKS.map(
    (mark): Nasty => ({
      name: `${mark}, and someone has asthma`,
      ground: '06, CLP: STOT SE 3 vapours',
      facts: ask(mark, sheet),
      home: ASTHMA,
      noAgents: ['acetone', 'esterRemover', 'mineralSpirits', 'ammonia', 'chlorineBleach', 'runRemover'],
      offers: 'either',
    }),
  ),
  ...(
    [
      ['mildew', 'canvas'],
      ['mildew', 'tShirt'],
      ['mildew', 'curtain'],
    ] as const
  ).map(
    ([mark, item]): Nasty => ({
      name: `mould on a ${item}, and someone has asthma`,
      ground: 'CP: spores',
      facts: ask(mark, made(item, { cotton: 100 })),
      home: ASTHMA,
      noLines: /\bbrush outdoors|crumble, shake|\bbrush off/i,
      noAgents: ['chlorineBleach'],
      offers: 'pass',
    }),
  ),
  ...(['oilPaintMark', 'woodVarnish', 'tar'] as const).flatMap((mark) =>
    (['asthma', 'pregnancy'] as const).map(
      (who): Nasty => ({
        name: `${mark}, ${who}: no line sends anybody to thinner`,
        ground: 'CLP: STOT SE 3 vapours',
        facts: ask(mark, sheet),
        home: { [who]: true },
        noLines: /thinner|then solvent/i,
        offers: 'either',
      }),
    ),
  ),
  {
    name: 'egg, asthma: no enzyme powder',
    ground: 'CLP: EUH208, respiratory sensitisers',
    facts: ask('egg', tee()),
    home: ASTHMA,
    noAgents: ['enzymeSoak'],
    offers: 'pass',
  },
  {
    name: 'dye run, asthma: no reducer',
    ground: '06: sulphur dioxide',
    facts: ask('dyeRun', sheet, { positions: { runWay: 'reducerFirst' } }),
    home: ASTHMA,
    noAgents: ['runRemover'],
    offers: 'pass',
  },
  ...(['nailVarnish', 'motorOil', 'stiffTowels', 'dyeRun'] as const).map(
    (mark): Nasty => ({
      name: `${mark}, and someone is pregnant`,
      ground: 'CLP: Repr. 1B (borax); CP: vapours left to others',
      facts: ask(mark, sheet),
      home: { pregnancy: true },
      noAgents: [
        'borax',
        'acetone',
        'esterRemover',
        'mineralSpirits',
        'ammonia',
        'runRemover',
        'chlorineBleach',
        'oxalicAcid',
      ],
      offers: 'either',
    }),
  ),
  {
    name: 'stiff towels, small children: no borax',
    ground: 'CLP: Repr. 1B; 06',
    facts: ask('stiffTowels', made('towel', { cotton: 100 })),
    home: { baby: true },
    noAgents: ['borax'],
    offers: 'pass',
  },
  {
    name: 'rust, small children: no oxalic acid',
    ground: 'CLP: Acute Tox. 4',
    facts: ask('rust', sheet),
    home: { baby: true },
    noAgents: ['oxalicAcid'],
    offers: 'pass',
  },
  {
    name: 'smoke in a blanket, pets: no borax, no scented sachet',
    ground: 'PC: essential oils and cats; borax licked up',
    facts: ask('smoke', made('blanket', { wool: 100 })),
    home: { pets: true },
    noAgents: ['borax', 'scentedSachet'],
    offers: 'pass',
  },
  {
    name: 'ammonia switched on: its caution names goggles and lungs',
    ground: 'CLP: Eye Dam. 1 from about 3 % (recalled)',
    facts: ask('mud', made('workwear', { cotton: 100 })),
    holds: () => {
      const text = knowledge.cautions.find((one) => one.id === 'ammoniaFumes')?.text ?? '';
      expect(text).toMatch(/goggles.*never with asthma/);
    },
    offers: 'pass',
  },
];

const disposal: Nasty[] = [
  {
    name: 'mildewed sheets where the chlorine way is followed: it never shares a plan with oxygen',
    ground: 'CP: apart from every peroxygen; oxygen can be had, so it goes first',
    facts: ask('mildew', { ...sheet, colour: 'white' }, { size: 'allOver' }),
    home: { septicTank: true, positions: { whites: 'chlorineWhites' } },
    noAgents: ['chlorineBleach'],
    offers: 'pass',
  },
  {
    name: 'borax strip with a septic tank',
    ground: 'CP; local rules',
    facts: ask('stiffTowels', made('towel', { cotton: 100 }), {
      size: 'allOver',
      positions: { deepStripWay: 'deepStripAView' },
    }),
    home: { septicTank: true },
    cautions: ['boraxCare', 'spentPoison', 'septicTank'],
    offers: 'pass',
  },
  {
    name: 'spirits with a septic tank',
    ground: 'CP; local rules',
    facts: ask('motorOil', made('workwear', { cotton: 100 }), {
      positions: { oil: 'oilSolvent' },
      size: 'palm',
    }),
    home: { septicTank: true },
    cautions: ['septicTank', 'spentSolvent'],
    offers: 'pass',
  },
  ...(['canvas', 'coatedJacket'] as const).map(
    (item): Nasty => ({
      name: `${item}: reproofing spray outdoors only`,
      ground: 'PC: lung injury by impregnation sprays',
      facts: ask('mud', made(item, { polyester: 100 })),
      cautions: ['proofingSpray'],
      offers: 'pass',
    }),
  ),
];

const felt = made('feltHat', { crown: { wool: 100 } }, { label: null, colour: 'dark' });
const made4people: Nasty[] = [
  ...(['mud', 'smoke', 'musty', 'pollen', 'barbecueSmoke'] as const).map(
    (mark): Nasty => ({
      name: `${mark} on an old felt hat`,
      ground: '06: old felt may hold mercury',
      facts: ask(mark, felt),
      noLines: /\bbrush (it|with|off|the)|soft brush,|steamy/i,
      noAgents: ['steam'],
      cautions: ['oldFelt'],
      offers: 'pass',
    }),
  ),
  ...(['babyClothes', 'mattressProtector', 'softToy', 'pillow', 'duvet', 'childNightwear'] as const).map(
    (item): Nasty => ({
      name: `mildew on ${item}: no chlorine`,
      ground: 'PC: urine nobody sees; CP',
      facts: ask('mildew', made(item, { cotton: 100 }, { label: label(95, 'any') })),
      home: { allowChlorine: true },
      noChemistries: ['chlorine'],
      offers: 'pass',
    }),
  ),
  ...(
    [
      ['pillow', 'foam'],
      ['pillow', 'latex'],
      ['duvet', 'foam'],
      ['sleepingBag', 'foam'],
      ['softToy', 'foam'],
      ['cushion', 'latex'],
    ] as const
  ).map(
    ([item, filling]): Nasty => ({
      name: `${item} filled with ${filling}: never soaked, never tumbled`,
      ground: 'CP: it tears wet; warm from a dryer it can take fire',
      facts: ask(
        'sweatYellow',
        made(
          item,
          { cover: { cotton: 100 }, filling: { [filling]: 100 } },
          { label: { ...label(60, 'any'), tumble: 'normal' } },
        ),
        { size: 'allOver', positions: { dryWay: 'tumbleDry' } },
      ),
      noLines: TUMBLES,
      holds: (plan) => {
        for (const action of plan.passes.flatMap((pass) => pass.actions))
          expect([action.bath, action.programme ?? 'none']).toEqual([null, 'none']);
      },
      offers: 'either',
    }),
  ),
  {
    name: 'shorts with a foam pad and a tag of 30: washed as the tag says, never tumbled',
    ground: 'danger.md C: only dabbed, it stays dirty; 06: foam never into a dryer',
    facts: ask(
      'sweatFresh',
      made(
        'paddedShorts',
        { shell: { polyamide: 80, elastane: 20 }, padding: { foam: 100 } },
        { label: label(30) },
      ),
      { size: 'allOver', positions: { dryWay: 'tumbleDry' } },
    ),
    noLines: TUMBLES,
    holds: (plan) =>
      expect(plan.passes.some(({ actions }) => actions.some(({ programme }) => programme !== null))).toBe(
        true,
      ),
    offers: 'pass',
  },
  {
    name: 'an electric blanket with a spill, no tag',
    ground: '06: no liquids into electric blankets',
    facts: ask('tea', made('electricBlanket', { polyester: 100 }, { label: null }), { wetness: 'wet' }),
    cautions: [],
    holds: (plan) => {
      for (const action of plan.passes.flatMap((pass) => pass.actions))
        expect([action.bath, action.waterML]).toEqual([null, null]);
    },
    offers: 'either',
  },
  {
    name: 'an electric blanket whose tag allows a wash',
    ground: '10 section 3: the tag may allow a gentle 30 °C; cord off, dry two days; no soak',
    facts: ask('tea', made('electricBlanket', { polyester: 100 }, { label: label(30) }), { wetness: 'wet' }),
    lines: /cord off/i,
    holds: (plan) => {
      for (const action of plan.passes.flatMap((pass) => pass.actions))
        expect([action.bath, action.tempC === null || action.tempC.target <= 30]).toEqual([null, true]);
    },
    offers: 'pass',
  },
];

const ALL = [
  ...bySize,
  ...glue,
  ...tumbling,
  ...triedSolvents,
  ...gone,
  ...chlorineTried,
  ...otherTried,
  ...kept,
  ...disposal,
  ...made4people,
];

describe('nasty requests that could hurt a person', () => {
  it.each(ALL.map((nasty) => [nasty.name, nasty] as const))('%s', (_, nasty) => expectSafe(nasty));

  it('are many, each with a name of its own', () => {
    expect(ALL.length).toBeGreaterThanOrEqual(100);
    expect(new Set(ALL.map((nasty) => nasty.name)).size).toBe(ALL.length);
  });
});
