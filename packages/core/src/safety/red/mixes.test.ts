import { describe, expect, it } from 'vitest';
import { judgeMix } from '../../mix/judgeMix.js';
import { EMPTY_MIX, type Mix } from '../../mix/mix.js';
import { knowledge } from '../../test/fixtures.js';
import { OWNS_ALL } from '../../test/nasty.js';

/* Free mixes on the table that could hurt. Grounds: "PC" = poison centres, recalled; "CLP"; "HB" = handbooks, recalled. */
const pour = (agentId: string, amount: number, unit = 'mL', strengthPct: number | null = null) => ({
  agentId,
  amount,
  unit,
  strengthPct:
    strengthPct ?? knowledge.agents.find((agent) => agent.id === agentId)?.strength?.recipe ?? null,
});
const mix = (kind: 'cup' | 'bottle' | 'sprayer', waterML: number, ...pours: Mix['pours']): Mix => ({
  ...EMPTY_MIX,
  container: { kind },
  waterML,
  pours,
});
const refusedFor = (asked: Mix): string[] =>
  judgeMix(asked, OWNS_ALL, knowledge).refused.map((finding) => finding.code);

const SPRAYED: readonly (readonly [string, number, number])[] = [
  ['acetone', 50, 0],
  ['esterRemover', 50, 50],
  ['mineralSpirits', 100, 0],
  ['ammonia', 100, 300],
  ['isopropanol', 200, 0],
  ['isopropanol', 100, 300],
  ['chlorineBleach', 5, 400],
  ['oxalicAcid', 5, 200],
];

const GAS: readonly (readonly [string, string])[] = [
  ['enzymeSoak', 'vinegar'],
  ['powderWithBleach', 'citricAcid'],
  ['washingSoda', 'vinegar'],
  ['sodaCrystals', 'citricAcid'],
  ['bakingSoda', 'softener'],
  ['bakingSoda', 'sodaWater'],
  ['washingSoda', 'tableWine'],
  ['bakingSoda', 'vinegar'],
];

const FUELS = ['isopropanol', 'esterRemover', 'glycerine', 'mineralSpirits', 'solventPretreater'];

describe('a nasty mix', () => {
  it.each(SPRAYED)(
    '%s (%d mL to %d mL water) goes into no sprayer and no other bottle (PC, CLP)',
    (id, mL, water) => {
      for (const kind of ['sprayer', 'bottle'] as const)
        expect(refusedFor(mix(kind, water, pour(id, mL)))).toEqual(
          expect.arrayContaining(['onlyInItsBottle']),
        );
    },
  );
  it('weak alcohol and diluted vinegar may be sprayed: too careful is wrong too', () => {
    expect(refusedFor(mix('sprayer', 450, pour('isopropanol', 50)))).toEqual([]);
    expect(refusedFor(mix('sprayer', 250, pour('vinegar', 250)))).toEqual([]);
  });
  it.each(GAS)('%s with %s makes gas in anything that closes, and not in an open cup (HB)', (soda, acid) => {
    const unit = (id: string) =>
      knowledge.agents.find((agent) => agent.id === id)?.form === 'powder' ? 'g' : 'mL';
    const pours = [pour(soda, 10, unit(soda)), pour(acid, 40, unit(acid))];
    for (const kind of ['sprayer', 'bottle'] as const)
      expect(refusedFor(mix(kind, 200, ...pours))).toContain('gasInClosed');
    expect(refusedFor(mix('cup', 2000, ...pours))).not.toContain('gasInClosed');
  });
  it.each(FUELS)('oxygen bleach or peroxide with %s and no water is refused (HB)', (fuel) => {
    expect(refusedFor(mix('cup', 0, pour('oxygenBleach', 50, 'g'), pour(fuel, 50)))).toContain(
      'burnsWithOxidiser',
    );
    expect(refusedFor(mix('cup', 20, pour('peroxide', 50), pour(fuel, 50)))).toContain('burnsWithOxidiser');
    expect(refusedFor(mix('cup', 4000, pour('oxygenBleach', 20, 'g'), pour(fuel, 10)))).not.toContain(
      'burnsWithOxidiser',
    );
  });
  it.each([
    [20, true],
    [500, true],
    [2400, true],
    [2500, false],
    [5000, false],
  ])('50 g of reducer in %d mL water: refused %s (label; CLP Self-heat. 1)', (waterML, refused) => {
    expect(refusedFor(mix('cup', waterML, pour('runRemover', 50, 'g'))).includes('tooLittleWater')).toBe(
      refused,
    );
  });
  it('says where it may not go, where a septic tank takes the drain', () => {
    const strip = mix('cup', 5000, pour('chlorineBleach', 50));
    const cautions = (septicTank: boolean) =>
      judgeMix(strip, { ...OWNS_ALL, septicTank }, knowledge).cautionIds;
    expect(cautions(true)).toEqual(expect.arrayContaining(['septicTank', 'spentChlorine']));
    expect(cautions(false)).not.toContain('septicTank');
  });
  it('what may be sold to nobody is mixed with nothing', () => {
    for (const id of ['strongRustRemover', 'petrol', 'chlorinatedSolvent', 'poolChlorineProduct'])
      expect(refusedFor(mix('cup', 500, pour(id, 10)))).toContain('neverOffered');
  });
  it('every recipe a plan gives stays an open one: its products are refused in a sprayer where they must be', () => {
    for (const agent of knowledge.agents.filter((one) => one.onlyInItsBottle && !one.neverOffered))
      expect(
        refusedFor(mix('sprayer', 0, pour(agent.id, 20, agent.form === 'liquid' ? 'mL' : 'g'))),
      ).toContain('onlyInItsBottle');
  });
});
