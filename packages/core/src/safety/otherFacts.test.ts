import { describe, expect, it } from 'vitest';
import { knowledge, label, piece, trouble } from '../test/fixtures.js';
import { OWNS_ALL } from '../test/nasty.js';
import type { PieceFacts } from '../textile/piece.js';
import { planTreatment } from '../treatment/planTreatment.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { checkPlan } from './checkPlan.js';

const house = { ...OWNS_ALL, hasMachine: false };
/** A sound plan, read as if it had been made for another piece: what only the first piece allows is a fault now. */
function readFor(
  facts: TroubleFacts,
  other: Partial<PieceFacts>,
  more: Partial<TroubleFacts> = {},
  home = house,
): string[] {
  const plan = planTreatment(facts, home, knowledge);
  expect(plan.passes.length).toBeGreaterThan(0);
  expect(checkPlan(plan, home, knowledge)).toEqual([]);
  const told = { ...facts, ...more, piece: { ...facts.piece, ...other } };
  return checkPlan({ ...plan, facts: told }, home, knowledge).map((violation) => violation.code);
}
const all = (fibres: Record<string, number>) => [
  {
    name: 'whole piece',
    fibres: Object.entries(fibres).map(([fibreId, sharePct]) => ({ fibreId, sharePct })),
  },
];
const yellow = (fibres: Record<string, number>, tag = label(40, 'oxygenOnly')) =>
  trouble('storageYellow', piece('tShirt', fibres, { label: tag }), { size: 'allOver', age: 'months' });

describe('the checker sees that another piece does not allow', () => {
  it('an oxygen bath, where the label that opened it is gone', () => {
    for (const fibre of ['viscose', 'polyamide', 'acrylic', 'cupro'])
      expect(readFor(yellow({ [fibre]: 100 }), { label: { ...label(40), bleach: null } }), fibre).toEqual(
        expect.arrayContaining([fibre === 'polyamide' ? 'agentOnForbiddenFibre' : 'pHOutsideFibre']),
      );
  });
  it('a long soak at the label’s 60 °C, where there is elastane in it', () => {
    const cotton = yellow({ cotton: 100 }, label(60, 'oxygenOnly'));
    expect(readFor(cotton, { parts: all({ cotton: 90, elastane: 10 }) })).toContain('tooHot');
  });
  it('water on an uncoded sofa whose test was not done, or failed', () => {
    const sofa = trouble(
      'redWine',
      {
        ...piece('armchair', { cotton: 100 }, { colour: 'mid', waterTest: 'passed' }),
        parts: [
          { name: 'cover', fibres: [{ fibreId: 'cotton', sharePct: 100 }] },
          { name: 'filling', fibres: [{ fibreId: 'foam', sharePct: 100 }] },
        ],
      },
      { age: 'minutes', wetness: 'wet' },
    );
    expect(readFor(sofa, { waterTest: null })).toContain('tooWet');
    expect(readFor(sofa, { waterTest: 'failed' })).toContain('tooWet');
    expect(readFor(sofa, { code: 'S' })).toContain('tooWet');
  });
  it('ester on more than a trace of elastane', () => {
    const varnish = trouble(
      'nailVarnish',
      piece('trousers', { cotton: 95, elastane: 5 }, { label: label(40) }),
      {
        size: 'coin',
      },
    );
    expect(readFor(varnish, { parts: all({ cotton: 94, elastane: 6 }) })).toContain('agentOnForbiddenFibre');
  });
  it('oxalic acid on anything but cotton and linen', () => {
    const rust = trouble('rust', piece('tableLinen', { cotton: 100 }, { label: label(60, 'any') }), {
      size: 'coin',
    });
    const home = { ...house, allowOxalic: true };
    expect(planTreatment(rust, home, knowledge).passes.map((pass) => pass.methodId)).toContain('oxalicSpot');
    expect(readFor(rust, { parts: all({ hemp: 100 }) }, {}, home)).toContain('pHOutsideFibre');
    expect(readFor(rust, { condition: 'thinning' }, {}, home)).toContain('agentOnForbiddenFibre');
  });
  it('peroxygen on worn-thin cloth, and alcohol straight after spirits', () => {
    expect(readFor(yellow({ cotton: 100 }), { condition: 'thinning' })).toContain('agentOnForbiddenFibre');
    const pen = trouble('ballpoint', piece('tShirt', { cotton: 100 }, { label: label(40) }), {
      size: 'coin',
    });
    const spirits = {
      agentId: 'mineralSpirits',
      times: 1,
      effect: 'some',
      hot: false,
      washedOut: 'no',
    } as const;
    expect(readFor(pen, {}, { tried: [spirits] })).toContain('forbiddenPairUnrinsed');
  });
  it('a machine wash of wool without the label that allows it', () => {
    const wool = trouble(
      'kitSmell',
      piece(
        'sportsTop',
        { wool: 100 },
        { label: { ...label(40), wash: { kind: 'machine', maxC: 40, bars: 1 } } },
      ),
      { size: 'allOver' },
    );
    const codes = readFor(wool, { label: null }, {}, { ...OWNS_ALL, hasMachine: true });
    expect(codes.some((code) => ['tooHot', 'programmeTooStrong'].includes(code))).toBe(true);
  });
});
