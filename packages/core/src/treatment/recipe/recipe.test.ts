import { describe, expect, it } from 'vitest';
import { household, knowledge, label, piece, trouble } from '../../test/fixtures.js';
import { planTreatment } from '../planTreatment.js';

/* Amounts: common practice, no source; a solvent goes on at least twice, a fresh pad beneath each time. */
const shirt = piece('shirt', { cotton: 100 }, { colour: 'white', label: label(60) });
const alcoholOn = (size: { length: number; width: number }) => {
  const told = trouble('ballpoint', shirt, { age: 'hours', wetness: 'dry', size });
  const stocked = {
    ...household,
    cupboard: [...household.cupboard, { agentId: 'isopropanol', strengthPct: 70 }],
  };
  const passes = planTreatment(told, stocked, knowledge).rounds[0]?.passes ?? [];
  const actions = passes.find(({ methodId }) => methodId === 'alcoholSpot')?.actions ?? expect.unreachable();
  const pouredML = actions.flatMap(({ ingredients }) => ingredients)[0]?.volumeML ?? 0;
  const putOn = actions.find(({ kind }) => kind === 'apply')?.putOn;
  return { pouredML, goML: putOn?.volumeML ?? pouredML, goes: putOn?.goes ?? 1 };
};

describe('a solvent', () => {
  it('is poured out for two or three goes at once, and one go is said beside it', () => {
    const { pouredML, goML, goes } = alcoholOn({ length: 6, width: 3 });
    expect([2, 3]).toContain(goes);
    expect(goML).toBeLessThan(pouredML);
    expect(pouredML).toBeCloseTo(goML * goes, -0.3);
  });
  it('is never poured out beyond twenty millilitres, nor beyond what a round may have', () => {
    for (const side of [1, 4, 8, 12]) {
      const { pouredML, goML } = alcoholOn({ length: side, width: side });
      expect(pouredML).toBeLessThanOrEqual(Math.max(20, goML));
      expect(pouredML).toBeLessThanOrEqual(30);
    }
  });
});
