import { describe, expect, it } from 'vitest';
import { checkPlan } from '../safety/checkPlan.js';
import { household, knowledge, label, piece, trouble } from '../test/fixtures.js';
import { planTreatment } from './planTreatment.js';

/** Every mark on every fibre, on a washable piece, on upholstery and on a lined coat: a ladder, or an honest "none". */
describe('every mark on every fibre', () => {
  const settings = [
    ['a white washable with a 60 °C tag', 'tableLinen', { label: label(60) }],
    ['a dark washable without a tag', 'tShirt', { colour: 'dark' as const }],
    ['a code-W armchair', 'armchair', { colour: 'pale' as const, code: 'W' as const }],
    ['a code-X armchair', 'armchair', { colour: 'pale' as const, code: 'X' as const }],
    ['a lined coat', 'linedCoat', { colour: 'mid' as const }],
  ] as const;

  it.each(settings)(
    'on %s',
    (_name, itemId, facts) => {
      for (const mark of knowledge.marks) {
        for (const fibre of knowledge.fibres) {
          const plan = planTreatment(
            trouble(mark.id, piece(itemId, { [fibre.id]: 100 }, facts)),
            household,
            knowledge,
          );
          const none =
            plan.findings.some((finding) => finding.code === 'noHomeMethod') &&
            plan.findings.some((finding) => finding.code === 'professionalHand');
          expect([mark.id, fibre.id, plan.ladder.length > 0 || none]).toEqual([mark.id, fibre.id, true]);
          expect(checkPlan(plan, household, knowledge)).toEqual([]);
        }
      }
    },
    60_000,
  );
});

interface WrittenOut {
  readonly name: string;
  readonly facts: ReturnType<typeof trouble>;
  readonly does: readonly string[];
  readonly doesNot: readonly string[];
}

/** Ground: common practice of the trade, no source, unless the case names one. */
const CASES: readonly WrittenOut[] = [
  {
    name: 'red wine on white cotton: cold, then oxygen; no soap, no salt',
    facts: trouble('redWine', piece('tableLinen', { cotton: 100 }, { label: label(60) })),
    does: ['coldFlush', 'oxygenSoak'],
    doesNot: ['whiteSoapBlot', 'sodaWaterSalt'],
  },
  {
    name: 'red wine on silk: no oxygen bleach (its bath is about pH 10.6)',
    facts: trouble('redWine', piece('scarf', { silk: 100 }, { colour: 'pale' })),
    does: ['coldFlush'],
    doesNot: ['oxygenSoak', 'vinegarSpot'],
  },
  {
    name: 'egg on cotton: cold before enzyme',
    facts: trouble('egg', piece('shirt', { cotton: 100 }, { label: label(60) })),
    does: ['coldFlush', 'enzymePretreat'],
    doesNot: [],
  },
  {
    name: 'egg on wool: never protease (ISO 1833 ground: keratin)',
    facts: trouble('egg', piece('jumper', { wool: 100 }, { colour: 'mid' })),
    does: ['coldFlush'],
    doesNot: ['enzymePretreat', 'oxygenSoak'],
  },
  {
    name: 'salad oil on cotton: powder first, solvent last',
    facts: trouble('saladOil', piece('tShirt', { cotton: 100 }, { label: label(40) })),
    does: ['absorbentThenDetergent', 'spiritsSpot'],
    doesNot: ['coldFlush'],
  },
  {
    name: 'salad oil on polypropylene: no hydrocarbon (it swells)',
    facts: trouble('saladOil', piece('tShirt', { polypropylene: 100 }, { label: label(40) })),
    does: ['absorbentThenDetergent'],
    doesNot: ['spiritsSpot'],
  },
  {
    name: 'ballpoint on cotton: alcohol from the back',
    facts: trouble('ballpoint', piece('shirt', { cotton: 100 }, { label: label(40) })),
    does: ['alcoholSpot'],
    doesNot: ['coldFlush'],
  },
  {
    name: 'nail varnish on cotton: acetone may',
    facts: trouble(
      'nailVarnish',
      piece('jeans', { cotton: 100 }, { colour: 'mid', fastness: 'proven', label: label(40) }),
    ),
    does: ['esterSpot'],
    doesNot: [],
  },
  {
    name: 'nail varnish on triacetate: no ketone, no ester',
    facts: trouble('nailVarnish', piece('shirt', { triacetate: 100 }, { colour: 'mid' })),
    does: [],
    doesNot: ['acetoneSpot', 'esterSpot'],
  },
  {
    name: 'rust on linen: acid that binds iron, no bleach',
    facts: trouble('rust', piece('tableLinen', { linen: 100 }, { label: label(60, 'any') })),
    does: ['citricSpot'],
    doesNot: ['oxygenSoak', 'peroxideDab', 'chlorineSoak'],
  },
  {
    name: 'rust on silk: nothing at home',
    facts: trouble('rust', piece('scarf', { silk: 100 }, { colour: 'pale' })),
    does: [],
    doesNot: ['citricSpot'],
  },
  {
    name: 'dye run on white cotton: suspend, oxygen, reduce',
    facts: trouble('dyeRun', piece('pillowcase', { cotton: 100 }, { label: label(60) }), { sizeCm: null }),
    does: ['dyeSuspendingSoak', 'reducerSoak'],
    doesNot: [],
  },
  {
    name: 'dye run on dark cotton: no reducer',
    facts: trouble('dyeRun', piece('tShirt', { cotton: 100 }, { colour: 'dark', label: label(40) }), {
      sizeCm: null,
    }),
    does: ['dyeSuspendingSoak'],
    doesNot: ['reducerSoak'],
  },
  {
    name: 'dye run on wool: no reducer at its usual heat',
    facts: trouble('dyeRun', piece('jumper', { wool: 100 }, { colour: 'white' }), { sizeCm: null }),
    does: [],
    doesNot: ['reducerSoak', 'oxygenSoak'],
  },
  {
    name: 'sports smell in polyester: air, vinegar',
    facts: trouble(
      'kitSmell',
      piece('sportsTop', { polyester: 90, elastane: 10 }, { colour: 'mid', label: label(40) }),
      { sizeCm: null },
    ),
    does: ['airing'],
    doesNot: ['oxygenSoak', 'chlorineSoak'],
  },
  {
    name: 'smoke in merino: air and a delicate soak, vinegar lies below pH 4',
    facts: trouble('smoke', piece('sportsTop', { wool: 100 }, { colour: 'mid' }), { sizeCm: null }),
    does: ['airing', 'delicateHandSoak'],
    doesNot: ['vinegarSoak'],
  },
  {
    name: 'stiff towels: acid for the scale, soda for the film',
    facts: trouble('stiffTowels', piece('towel', { cotton: 100 }, { label: label(60) }), { sizeCm: null }),
    does: ['vinegarRinse', 'deepStrip'],
    doesNot: ['deepStripBorax'],
  },
  {
    name: 'stiff viscose: no deep strip',
    facts: trouble('stiffTowels', piece('shirt', { viscose: 100 }, { label: label(40) }), { sizeCm: null }),
    does: [],
    doesNot: ['deepStrip'],
  },
  {
    name: 'sweat mark on white cotton: acid or oxygen, never chlorine',
    facts: trouble('sweatMark', piece('tShirt', { cotton: 100 }, { label: label(60, 'any') })),
    does: ['vinegarSpot'],
    doesNot: ['chlorineSoak'],
  },
  {
    name: 'mildew on an unwashable canvas: nothing soaked',
    facts: trouble('mildew', piece('canvas', { cotton: 100 }, { colour: 'natural' })),
    does: ['peroxideDab'],
    doesNot: ['oxygenSoak', 'coldFlush'],
  },
  {
    name: 'a pet on a wool rug: blot, never chlorine, no enzymes',
    facts: trouble('petUrine', piece('rug', { wool: 100 }, { colour: 'multicoloured', code: 'W' })),
    does: ['coldBlot'],
    doesNot: ['chlorineSoak', 'enzymePretreat', 'vinegarBlot'],
  },
  {
    name: 'wine on an antique: cool and tested, no oxygen bath',
    facts: trouble(
      'redWine',
      piece('tableLinen', { linen: 100 }, { condition: 'antique', label: label(60) }),
    ),
    does: ['coldFlush'],
    doesNot: ['oxygenSoak', 'chlorineSoak'],
  },
  {
    name: 'berry on jute: dry methods only',
    facts: trouble('berry', piece('rug', { jute: 100 }, { colour: 'natural', code: 'W' })),
    does: [],
    doesNot: ['coldBlot', 'vinegarBlot'],
  },
];

describe('written-out cases', () => {
  it.each(CASES)('$name', ({ facts, does, doesNot }) => {
    const offered = planTreatment(facts, household, knowledge).ladder.map((rung) => rung.methodId);
    expect(offered).toEqual(expect.arrayContaining([...does]));
    expect(offered.filter((methodId) => doesNot.includes(methodId))).toEqual([]);
  });
});
