import { describe, expect, it } from 'vitest';
import { label } from '../../test/fixtures.js';
import { ask, expectSafe, made, type Nasty, OWNS_ALL, toldIn, tried } from '../../test/nasty.js';
import type { CareLabel } from '../../textile/careLabel.js';
import type { Plan } from '../../treatment/plan/plan.js';

/*
 * Requests that could ruin the piece. Grounds: "07" and "02" = our own rules of the work, common practice without a
 * source where none is named; "HB" = textile handbooks, recalled; "ISO 3758" = care labelling.
 */
const SOLVENTS = ['isopropanol', 'acetone', 'esterRemover', 'mineralSpirits', 'solventPretreater'];
const PEROXYGENS = ['peroxide', 'percarbonate'];
const tag = (fields: Partial<CareLabel>): CareLabel => ({ ...label(60, 'any'), tumble: 'normal', ...fields });
const soaks = (plan: Plan) => plan.passes.flatMap((pass) => pass.actions).filter((action) => action.bath);
/** Passes that use a product without a hidden test. */
const untested = (plan: Plan, agentId: string) =>
  plan.passes.filter(
    ({ actions }) =>
      actions.some((action) => action.ingredients.some((one) => one.agentId === agentId)) &&
      !actions.some((action) => action.kind === 'hiddenTest'),
  );

const flameRetardant: Nasty[] = (['protectiveWear', 'childNightwear'] as const).flatMap((item) =>
  (['tea', 'grass', 'sweatYellow', 'saladOil'] as const).map(
    (mark): Nasty => ({
      name: `${mark} on ${item}: no bleach, soap or softener`,
      ground: '06, 07: its finish',
      facts: ask(mark, made(item, { cotton: 100 }), { size: mark === 'sweatYellow' ? 'allOver' : 'palm' }),
      noChemistries: [...PEROXYGENS, 'chlorine', 'soap', 'softener'],
      offers: 'pass',
    }),
  ),
);

const crossedCircle: Nasty[] = (['nailVarnish', 'motorOil', 'ballpoint', 'sap', 'grass'] as const).map(
  (mark) => ({
    name: `${mark}, circle crossed out`,
    ground: 'ISO 3758 as 07 reads it: hydrocarbon, ketone and ester never, alcohol after a test',
    facts: ask(mark, made('tShirt', { cotton: 100 }, { label: tag({ dryClean: 'never' }) })),
    noAgents: ['acetone', 'esterRemover', 'mineralSpirits'],
    holds: (plan) => {
      expect(untested(plan, 'isopropanol')).toEqual([]);
    },
    offers: 'either',
  }),
);

const antique: Nasty[] = (
  [
    ['scarf', 'silk', 'redWine'],
    ['scarf', 'silk', 'nailVarnish'],
    ['lacePiece', 'cotton', 'storageYellow'],
    ['tableLinen', 'linen', 'tea'],
    ['tableLinen', 'linen', 'rust'],
    ['embroideredLinen', 'linen', 'dyeRun'],
    ['wallHanging', 'wool', 'mud'],
  ] as const
).map(([item, fibre, mark]) => ({
  name: `${mark} on an antique ${item}`,
  ground: '07 section 5: no peroxygen, reducer, solvent or oxalic acid at home',
  facts: ask(mark, made(item, { [fibre]: 100 }, { condition: 'antique' })),
  noAgents: SOLVENTS,
  noChemistries: [...PEROXYGENS, 'chlorine', 'reducer', 'oxalicAcid'],
  findings: ['professionalHand'],
  offers: 'either',
}));

const irreplaceable: Nasty[] = [
  {
    name: 'varnish on an irreplaceable tapestry',
    ground: '07: a conservator',
    facts: ask(
      'nailVarnish',
      made('wallHanging', { wool: 100 }, { condition: 'irreplaceable', label: null }),
    ),
    noAgents: SOLVENTS,
    noChemistries: PEROXYGENS,
    offers: 'professional',
  },
  {
    name: 'a run on an irreplaceable but sound towel: not refused, and nothing strong untested',
    ground: '07 section 5: irreplaceable is about testing, not a ban',
    facts: ask('dyeRun', made('towel', { cotton: 100 }, { condition: 'irreplaceable' }), { size: 'allOver' }),
    holds: (plan) => {
      expect(untested(plan, 'dyeSuspender')).toEqual([]);
    },
    offers: 'pass',
  },
];

const cottonOnly: Nasty[] = (['wool', 'polyamide', 'viscose', 'silk', 'acetate'] as const).map((fibre) => ({
  name: `wine on white ${fibre}: the mix for white cotton is not for it`,
  ground: 'CP: a soft brush and a strong mix are for terry and cotton',
  facts: ask('redWine', made('tShirt', { [fibre]: 100 })),
  holds: (plan) => expect(plan.passes.map((pass) => pass.methodId)).not.toContain('peroxideDetergentSpot'),
  offers: 'pass',
}));

const metal: Nasty[] = [
  ...(['redWine', 'rust', 'tea', 'grass'] as const).map(
    (mark): Nasty => ({
      name: `${mark} on cloth with metal thread`,
      ground: '07: no peroxide, acid or salt',
      facts: ask(mark, made('tableLinen', { cotton: 90, metallised: 10 })),
      noChemistries: [...PEROXYGENS, 'weakAcid', 'oxalicAcid', 'salt', 'reducer'],
      offers: 'either',
    }),
  ),
  ...(['storageYellow', 'greyed', 'tea'] as const).map(
    (mark): Nasty => ({
      name: `${mark} on curtains with metal hooks`,
      ground: '07: pinholes; off with them or 30 min',
      facts: ask(mark, made('curtain', { cotton: 100 }, { metalParts: true }), { size: 'allOver' }),
      holds: (plan) => {
        const oxygen = plan.passes.filter((pass) =>
          pass.actions.some((action) =>
            action.ingredients.some((one) => one.agentId === 'oxygenBleach' || one.agentId === 'peroxide'),
          ),
        );
        const longest = oxygen.flatMap((pass) => pass.actions.map((action) => action.dwell?.maxMin ?? 0));
        expect(longest.filter((minutes) => minutes > 30)).toEqual([]);
      },
      lines: /take hooks and rings out first/i,
      offers: 'either',
    }),
  ),
];

const fibres: Nasty[] = [
  ...(['ballpoint', 'permanentMarker'] as const).map(
    (mark): Nasty => ({
      name: `${mark} on acetate: alcohol once, for minutes, after a test`,
      ground: 'HB: alcohol swells acetate',
      facts: ask(mark, made('dress', { acetate: 100 }), { size: 'coin' }),
      holds: (plan) => {
        for (const pass of plan.passes)
          if (pass.methodId === 'alcoholSpot') {
            expect(pass.maxRounds).toBe(1);
            expect(pass.actions.map((action) => action.kind)).toContain('hiddenTest');
            expect(pass.actions.find((action) => action.dwell)?.dwell?.maxMin).toBeLessThanOrEqual(3);
          }
      },
      offers: 'either',
    }),
  ),
  ...(['nailVarnish', 'superGlueMark', 'permanentMarker'] as const).map(
    (mark): Nasty => ({
      name: `${mark} on cotton with 6 % elastane`,
      ground: 'HB: ketone and ester swell elastane; 07 section 5: never above 5 %',
      facts: ask(mark, made('trousers', { cotton: 94, elastane: 6 })),
      noAgents: ['acetone', 'esterRemover'],
      offers: 'either',
    }),
  ),
  ...(['polyamide', 'polypropylene', 'silk', 'wool'] as const).map(
    (fibre): Nasty => ({
      name: `musty white ${fibre}: no sun`,
      ground: '07: sun yellows or rots it',
      facts: ask('musty', made('tShirt', { [fibre]: 100 }), { size: 'allOver' }),
      noAgents: ['sunAir'],
      holds: (plan) => {
        for (const action of plan.passes.flatMap((pass) => pass.actions))
          expect(action.dryingWays).not.toContain('sun');
      },
      offers: 'pass',
    }),
  ),
  {
    name: 'tea on silk velvet: a professional',
    ground: '06',
    facts: ask('tea', made('velvetPiece', { pile: { silk: 100 }, backing: { cotton: 100 } })),
    offers: 'professional',
  },
  {
    name: 'tea on cotton velvet: little and blotted',
    ground: 'CP',
    facts: ask(
      'tea',
      made('velvetPiece', { pile: { cotton: 100 }, backing: { cotton: 100 } }, { label: null }),
    ),
    holds: (plan) => expect(soaks(plan)).toEqual([]),
    offers: 'pass',
  },
];

const words: Nasty[] = [
  {
    name: 'fish smell, dry in the shade: no line says sun',
    ground: 'ISO 3758: the shade strokes',
    facts: ask('fishSmell', made('workwear', { cotton: 100 }, { label: tag({ shade: true }) }), {
      size: 'larger',
    }),
    noLines: /\bsun\b/i,
    offers: 'pass',
  },
  {
    name: 'tomato on dark cloth: no line says sun',
    ground: '02: what may fade',
    facts: ask('tomato', made('tShirt', { cotton: 100 }, { colour: 'dark' })),
    noLines: /\bsun\b/i,
    offers: 'pass',
  },
  {
    name: 'a run, triangle crossed out: no line says oxygen wash',
    ground: 'ISO 3758',
    facts: ask('dyeRun', made('bedSheet', { cotton: 100 }, { label: tag({ bleach: 'never' }) }), {
      size: 'allOver',
      positions: { runWay: 'reducerFirst' },
    }),
    noLines: /oxygen wash|same powder/i,
    offers: 'pass',
  },
  {
    name: 'sickness, triangle crossed out: no line says bleach',
    ground: 'ISO 3758',
    facts: ask('vomit', made('blanket', { wool: 100 }, { label: tag({ bleach: 'never' }) })),
    noLines: /bleach-containing/i,
    offers: 'pass',
  },
  {
    name: 'oil, vinegar tried: no line says "no water yet" after two rinses',
    ground: 'CP: a line may not deny what has just been done',
    facts: ask('saladOil', made('tShirt', { cotton: 100 }), { tried: [tried('vinegar')] }),
    noLines: /no water (yet|first)/i,
    offers: 'pass',
  },
  {
    name: 'oil, nothing tried: the line is there',
    ground: 'CP: dry side before wet side',
    facts: ask('saladOil', made('tShirt', { cotton: 100 })),
    lines: /no water first/i,
    offers: 'pass',
  },
  {
    name: 'duvet, low tumble crossed out, the school that tumbles: no line says tumble',
    ground: 'ISO 3758',
    facts: ask(
      'sweatYellow',
      made('duvet', { cover: { cotton: 100 }, filling: { down: 100 } }, { label: tag({ tumble: 'never' }) }),
      {
        size: 'allOver',
        positions: { dryWay: 'tumbleDry' },
      },
    ),
    noLines: /tumble low|tumble with/i,
    lines: /to a laundry/i,
    offers: 'pass',
  },
  {
    name: 'down pillow, low tumble allowed: tumbled to the core once it is clean',
    ground: '07 section 5: the low tumble is part of the cure',
    facts: ask(
      'sweatYellow',
      made('pillow', { cover: { cotton: 100 }, filling: { down: 100 } }, { label: tag({ tumble: 'low' }) }),
      { size: 'allOver' },
    ),
    lines: /tumble low with clean balls/i,
    holds: (plan) => {
      for (const pass of plan.passes)
        for (const action of pass.actions)
          if (action.kind !== 'finalLook') expect(action.notes.join(' ')).not.toMatch(/tumble low/i);
    },
    offers: 'pass',
  },
  {
    name: 'no dryer in the house: no line says tumble',
    ground: 'CP',
    facts: ask('coffee', made('towel', { cotton: 100 }), { positions: { dryWay: 'tumbleDry' } }),
    home: { hasDryer: false },
    noLines: /tumble/i,
    offers: 'pass',
  },
];

const company: Nasty[] = [
  ...(['tea', 'grass', 'saladOil', 'kitSmell'] as const).map(
    (mark): Nasty => ({
      name: `${mark} on dark cloth that has bled: every wash alone`,
      ground: '02: a piece that fails is washed alone',
      facts: ask(mark, made('tShirt', { cotton: 100 }, { colour: 'dark', fastness: 'failed' })),
      holds: (plan) => {
        for (const action of plan.passes.flatMap((pass) => pass.actions))
          if (action.programme && action.programme !== 'none')
            expect(action.notes.join(' ')).toMatch(/\balone\b/i);
      },
      offers: 'pass',
    }),
  ),
  ...(['drip', 'line'] as const).map(
    (natural): Nasty => ({
      name: `tea, tag says ${natural} dry`,
      ground: '07: drip dry forbids spin',
      facts: ask('tea', made('shirt', { polyester: 100 }, { label: tag({ natural }) })),
      holds: (plan) => expect(toldIn(plan).some((line) => /no spin/i.test(line))).toBe(natural === 'drip'),
      offers: 'pass',
    }),
  ),
  ...(['jumper', 'linedCoat', 'scarf'] as const).map(
    (item): Nasty => ({
      name: `smoke in a ${item}, iron crossed out: no steam`,
      ground: 'ISO 3758: do not iron, no steam',
      facts: ask(
        'smoke',
        made(item, { wool: 100 }, { label: tag({ iron: 'never', wash: { kind: 'never' } }) }),
        {
          size: 'allOver',
        },
      ),
      noAgents: ['steam'],
      noLines: /steamy/i,
      offers: 'pass',
    }),
  ),
];

const inMetal = (material: 'aluminium' | 'zinc' | 'stainless') =>
  OWNS_ALL.vessels.map((vessel) => ({ ...vessel, material }));
const tubs: Nasty[] = (
  [
    ['egg', 'aluminium', ['enzymeSoak', 'oxygenBleach', 'washingSoda', 'vinegar', 'citricAcid']],
    ['smoke', 'zinc', ['vinegar', 'citricAcid', 'washingSoda', 'oxygenBleach']],
    ['mildew', 'stainless', ['chlorineBleach']],
    ['dyeRun', 'stainless', ['runRemover']],
  ] as const
).map(([mark, material, agents]) => ({
  name: `${mark} in a house whose tubs are all of ${material}`,
  ground: '06: vessels',
  facts: ask(mark, made('tShirt', { cotton: 100 }), { size: 'allOver' }),
  home: { vessels: inMetal(material) },
  holds: (plan) => {
    const inTubs = soaks(plan).flatMap((action) => action.ingredients.map((one) => one.agentId));
    for (const agentId of agents) expect(inTubs).not.toContain(agentId);
  },
  offers: 'pass',
}));

const wetness: Nasty[] = (['armchair', 'mattress', 'windowSeat', 'carpet', 'rug'] as const).map((item) => ({
  name: `tea all over a ${item}: a field at a time, little water`,
  ground: '07 section 4: what the cover holds without wetting the filling',
  facts: ask('tea', made(item, { cover: { polyester: 100 } }, { label: null, code: 'W' }), {
    size: 'allOver',
  }),
  findings: ['fieldByField'],
  holds: (plan) => {
    expect(soaks(plan)).toEqual([]);
    const most = item === 'carpet' || item === 'rug' ? 0.3 : 0.1;
    for (const action of plan.passes.flatMap((pass) => pass.actions))
      expect(action.waterML ?? 0).toBeLessThanOrEqual(most * 45 * 45 + 20);
  },
  offers: 'pass',
}));

const ALL = [
  ...flameRetardant,
  ...crossedCircle,
  ...antique,
  ...irreplaceable,
  ...cottonOnly,
  ...metal,
  ...fibres,
  ...words,
  ...company,
  ...tubs,
  ...wetness,
];

describe('nasty requests that could ruin the piece', () => {
  it.each(ALL.map((nasty) => [nasty.name, nasty] as const))('%s', (_, nasty) => expectSafe(nasty));

  it('are many, each with a name of its own', () => {
    expect(ALL.length).toBeGreaterThanOrEqual(50);
    expect(new Set(ALL.map((nasty) => nasty.name)).size).toBe(ALL.length);
  });
});
