import { describe, expect, it } from 'vitest';
import { loadKnowledge } from './loadKnowledge.js';

const { fibres, components, agents } = loadKnowledge();
const fibre = (id: string) => {
  const found = fibres.find((candidate) => candidate.id === id);
  if (!found) throw new Error(`no fibre ${id}`);
  return found;
};
const verdict = (id: string, chemistry: string) =>
  fibre(id).chemistry.find((rule) => rule.chemistry === chemistry)?.verdict ?? 'allowed';

/**
 * Grounds, recalled and named for checking: ISO 1833-4 dissolves wool and silk in hypochlorite; ISO 1833-3 dissolves
 * acetate in acetone; the rest textile chemistry handbooks. Independent values: shared reference, section 8.
 */
describe('fibre limits that must be right', () => {
  it.each([
    ['wool', 'chlorine'],
    ['silk', 'chlorine'],
    ['cashmere', 'chlorine'],
    ['polyamide', 'chlorine'],
    ['elastane', 'chlorine'],
    ['wool', 'protease'],
    ['silk', 'protease'],
    ['wool', 'percarbonate'],
    ['silk', 'percarbonate'],
    ['wool', 'ammonia'],
    ['silk', 'strongAlkali'],
    ['wool', 'mildAlkali'],
    ['acetate', 'ketone'],
    ['acetate', 'ester'],
    ['triacetate', 'ketone'],
    ['triacetate', 'ester'],
    ['elastane', 'reducer'],
    ['wool', 'reducer'],
    ['polypropylene', 'hydrocarbon'],
  ])('%s never meets %s', (id, chemistry) => {
    expect(verdict(id, chemistry)).toBe('never');
  });

  it('allows peroxide on wool and silk only weak, cool, short and twice', () => {
    for (const id of ['wool', 'silk']) {
      expect(fibre(id).chemistry.find((rule) => rule.chemistry === 'peroxide')).toMatchObject({
        verdict: 'test',
        bounds: { maxTempC: 30, maxDwellMin: 30, maxRounds: 2 },
      });
    }
  });

  it('lets acetate meet alcohol once, for minutes, after a test', () => {
    expect(fibre('acetate').chemistry.find((rule) => rule.chemistry === 'alcohol')).toMatchObject({
      verdict: 'test',
      bounds: { maxDwellMin: 3, maxRounds: 1 },
    });
  });

  it('keeps solvents that swell elastane off it, and sun off fibres it rots or yellows', () => {
    expect([verdict('elastane', 'ketone'), verdict('elastane', 'ester')]).toEqual(['never', 'never']);
    for (const rule of fibre('elastane').chemistry.filter((one) => one.upToShare))
      expect(rule.upToShare).toMatchObject({ pct: 5, verdict: 'test', bounds: { maxDwellMin: 2 } });
    expect(verdict('elastane', 'hydrocarbon')).toBe('test');
    for (const id of ['polyamide', 'polypropylene', 'silk', 'wool', 'jute'])
      expect(fibre(id).drying.map((rule) => rule.forbids)).toContain('sun');
  });

  /**
   * Wool, silk and hair are dyed at pH 2–5; cellulose is what acid hurts when it dries in (textile handbooks,
   * recalled). Vinegar 1 to 1 is pH 2.57, citric acid 1 % 2.23 (shared reference, section 1).
   */
  it('lets protein fibres bear dilute acid that is rinsed out, silk a little less', () => {
    for (const id of ['wool', 'cashmere', 'mohair', 'alpaca', 'angora'])
      expect(fibre(id).pH.weakAcidBrieflyMin).toBeLessThanOrEqual(2.2);
    expect(fibre('silk').pH.weakAcidBrieflyMin).toBeCloseTo(2.2, 9);
    expect(fibre('acetate').pH.weakAcidBrieflyMin).toBeLessThanOrEqual(2.5);
  });

  it('opens oxygen baths up to pH 10.8 where the label allows them, elastane without one, cool when long', () => {
    for (const id of ['viscose', 'cupro', 'acrylic', 'polyamide', 'elastane']) {
      expect(fibre(id).pH.oxygenMax).toBe(10.8);
      expect(fibre(id).longSoakMaxC).toBe(40);
      expect(fibre(id).pH.oxygenNeedsLabel).toBe(id !== 'elastane');
    }
    const label = fibre('polyamide').chemistry.find((rule) => rule.chemistry === 'percarbonate');
    expect(label).toMatchObject({ verdict: 'never', whereLabelAllows: { maxDwellMin: 240 } });
    for (const id of ['wool', 'silk', 'down', 'leather', 'acetate', 'triacetate'])
      expect(
        fibre(id).chemistry.find((rule) => rule.chemistry === 'percarbonate'),
        id,
      ).not.toHaveProperty('whereLabelAllows');
  });

  it('gives every limit a ground of its own: no standard of names stands for pH or heat', () => {
    for (const { id, heatSourceIds, pHSourceIds, handlingSourceIds } of fibres)
      for (const sourceId of [...heatSourceIds, ...pHSourceIds, ...handlingSourceIds])
        expect([id, ['iso2076', 'eu1007', 'iso3758', 'iso1833'].includes(sourceId)]).toEqual([id, false]);
  });

  it('keeps peroxide, acid and salt off metal threads', () => {
    for (const chemistry of ['peroxide', 'percarbonate', 'weakAcid', 'salt'])
      expect(verdict('metallised', chemistry as never)).toBe('never');
  });

  it('lets foam and rubber be damped at most, and never tumbled: they can take fire', () => {
    for (const id of ['foam', 'latex']) {
      expect(fibre(id).mostWetting).toBe('surface');
      expect(
        fibre(id)
          .drying.filter((rule) => rule.protects === 'both')
          .map((rule) => rule.forbids),
      ).toEqual(expect.arrayContaining(['tumbleLow', 'tumbleNormal']));
    }
  });

  it.each([
    ['wool', 4, 8.5],
    ['silk', 4, 8],
    ['acetate', 4.5, 8.5],
    ['polyamide', 4, 10],
    ['cotton', 5, 12],
    ['linen', 5, 11],
  ])('keeps %s baths within pH %d to %d', (id, min, max) => {
    expect(fibre(id).pH).toMatchObject({ min, max });
  });

  it.each([
    ['wool', 30],
    ['silk', 30],
    ['acetate', 30],
    ['viscose', 40],
    ['acrylic', 40],
    ['polyamide', 40],
    ['elastane', 40],
    ['cotton', 95],
    ['linen', 95],
  ])('takes %s white to at most %d °C', (id, maxC) => {
    expect(fibre(id).bathTempC.white).toBe(maxC);
  });

  it('treats an unknown fibre at least as carefully as wool, silk and acetate', () => {
    const unknown = fibre('unknownFibre');
    expect(unknown.bathTempC.white).toBeLessThanOrEqual(30);
    expect(unknown.pH.max).toBeLessThanOrEqual(8);
    for (const id of ['wool', 'silk', 'acetate']) {
      for (const rule of fibre(id).chemistry.filter((candidate) => candidate.verdict === 'never')) {
        expect([id, rule.chemistry, verdict('unknownFibre', rule.chemistry)]).toEqual([
          id,
          rule.chemistry,
          'never',
        ]);
      }
    }
  });

  /** ASTM D1909 commercial moisture regains, recalled; linen, jute and lyocell of low confidence there. */
  it.each([
    ['cotton', 7, 8.5],
    ['wool', 13.6, 16],
    ['silk', 11, 11],
    ['polyester', 0.4, 0.4],
    ['polyamide', 4.5, 4.5],
    ['acetate', 6.5, 6.5],
    ['viscose', 11, 13],
  ])('gives %s a moisture regain of %d to %d %%', (id, low, high) => {
    const regain = fibre(id).moistureRegainPct;
    expect(regain).toBeGreaterThanOrEqual(low);
    expect(regain).toBeLessThanOrEqual(high);
    expect(fibre(id).regainSourceIds).toEqual(['astmD1909']);
  });

  it('names a source for each regain, and none where there is no figure', () => {
    for (const { id, moistureRegainPct, regainSourceIds } of fibres)
      expect([id, regainSourceIds.length > 0]).toEqual([id, moistureRegainPct !== null]);
  });
});

describe('soil facts that must be right', () => {
  const rules = (id: string) =>
    components.find((component) => component.id === id)?.chemistry.map((rule) => rule.chemistry) ?? [];
  it('keeps every bleach off rust (common practice: they make it worse)', () => {
    expect(rules('ironOxide')).toEqual(expect.arrayContaining(['chlorine', 'peroxide', 'percarbonate']));
  });
  it('keeps soap off tannin and red fruit', () => {
    expect(rules('tannin')).toContain('soap');
    expect(rules('anthocyanin')).toContain('soap');
  });
  it('keeps chlorine off urine (chloramines, poison-centre guidance) and off sweat marks (yellowing)', () => {
    expect(rules('urineSalts')).toContain('chlorine');
    expect(rules('aluminiumSebum')).toContain('chlorine');
  });
  it.each(['haem', 'protein', 'amineOdour', 'urineSalts'])(
    'holds %s to 40 °C or less while it is there',
    (id) => {
      expect(components.find((component) => component.id === id)?.maxTempC).toBeLessThanOrEqual(40);
    },
  );
});

describe('agent figures', () => {
  /** Independent charge-balance values: 5 % acetic acid 2.42, NaHCO₃ 8.1, borax 9.18, percarbonate 5 g/L 10.63. */
  it.each([
    ['vinegar', 2.42],
    ['bakingSoda', 8.12],
    ['borax', 9.18],
    ['oxygenBleach', 10.63],
    ['citricAcid', 2.23],
  ])('%s has pH %d within its range', (id, pH) => {
    const agent = agents.find((candidate) => candidate.id === id);
    expect(agent?.pH.low).toBeLessThanOrEqual(pH);
    expect(agent?.pH.high).toBeGreaterThanOrEqual(pH);
  });

  /** Bulk densities: USDA household measures for soda, salt and starch; the rest recalled producer sheets. */
  it.each([
    ['bakingSoda', 0.95],
    ['borax', 0.85],
    ['oxygenBleach', 1.0],
    ['tableSalt', 1.22],
    ['citricAcid', 0.87],
    ['absorbentPowder', 0.54],
    ['washingSoda', 0.95],
    ['sodaCrystals', 0.85],
  ])('%s weighs about %d g per mL', (id, density) => {
    expect(agents.find((candidate) => candidate.id === id)?.densityGPerML.centre).toBeCloseTo(density, 2);
  });

  it('asks for the strength of whatever is sold in several strengths', () => {
    const asked = agents.filter((agent) => agent.strength?.mustBeKnown).map((agent) => agent.id);
    expect(asked.sort()).toEqual(['ammonia', 'chlorineBleach', 'peroxide', 'vinegar']);
  });
});
