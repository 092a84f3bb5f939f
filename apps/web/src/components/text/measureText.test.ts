import type { Ingredient } from '@feverfew/contracts';
import { describe, expect, it } from 'vitest';
import { agentText, amountText, errorText, pourText } from '../../recipe/pourText';
import { exactText, massText, tempText, toolText, volumeText } from './measureText';

const metric = { temperature: 'C', system: 'metric' } as const;
const us = { temperature: 'F', system: 'us' } as const;
const plain = (text: string | null) => text?.replaceAll('\u00a0', ' ');
const powder: Ingredient = {
  agentId: 'oxygenBleach',
  basis: 'measured',
  massG: 52.5,
  volumeML: 52.5,
  range: { low: 35, high: 70, unit: 'g' },
  snapped: { counts: [{ toolId: 'metricTablespoon', name: null, count: 3.5 }], volumeML: 52.5, errorPct: 0 },
  strengthPct: null,
  standsInFor: null,
  strengthAfter: null,
  oxygenG: 0,
  dilution: null,
};

describe('measures in words', () => {
  it('follow the degree scale chosen', () => {
    expect([plain(tempText(40, metric)), plain(tempText(40, us))]).toEqual(['40 °C', '104 °F']);
  });
  it('follow the system chosen', () => {
    expect([
      plain(volumeText(7000, metric)),
      plain(volumeText(350, metric)),
      plain(volumeText(7000, us)),
      plain(volumeText(59.147, us)),
    ]).toEqual(['7 L', '350 mL', '7.4 US qt', '2 US fl oz']);
    expect([
      plain(massText(52.5, metric)),
      plain(massText(1500, metric)),
      plain(massText(28.35, us)),
    ]).toEqual(['53 g', '1.5 kg', '1 oz']);
  });
  it('put the household’s tools first and the exact amount in brackets', () => {
    expect(plain(amountText(powder, metric))).toBe('3½ tbsp (53 g)');
  });
  it('count drops where no spoon is small enough', () => {
    expect(
      plain(
        amountText(
          { ...powder, agentId: 'dishDetergent', massG: null, volumeML: 0.5, snapped: null },
          metric,
        ),
      ),
    ).toBe('10 drops (0.5 mL)');
  });
  it('read the jug in millilitres', () => {
    const poured: Ingredient = {
      ...powder,
      agentId: 'vinegar',
      massG: null,
      volumeML: 52,
      snapped: { counts: [{ toolId: 'jug', name: null, count: 5 }], volumeML: 50, errorPct: -4 },
    };
    expect(plain(toolText(poured))).toBe('50 mL in a jug');
    expect(plain(amountText(poured, metric))).toBe('50 mL in a jug');
    expect(errorText(poured)).toBe('your measures give 4 % less');
  });
  it('weigh where there is a scale, and leave the rest to the label', () => {
    expect(plain(amountText({ ...powder, basis: 'weighed' }, metric))).toBe('53 g');
    expect(errorText({ ...powder, basis: 'weighed' })).toBeNull();
    const say = { name: (id: string) => id, temp: String, volume: String };
    const unmeasured = { ...powder, massG: null, volumeML: null, snapped: null, basis: 'label' as const };
    expect(pourText(unmeasured, metric, say)).toBe('oxygenBleach by its label');
    expect(plain(pourText({ ...powder, basis: 'label', range: null }, metric, say))).toBe(
      '3½ tbsp (53 g) oxygenBleach, as its label says',
    );
    expect(pourText({ ...powder, agentId: 'sunAir', basis: 'step' }, metric, say)).toBe('sunAir');
  });
  it('name the strength of the bottle poured from, where it matters', () => {
    const say = { name: (id: string) => id, temp: String, volume: String };
    expect(plain(agentText({ ...powder, agentId: 'peroxide', strengthPct: 12 }, say))).toBe('peroxide 12 %');
    expect(agentText(powder, say)).toBe('oxygenBleach');
  });
  it('give a liquid in millilitres', () => {
    expect(plain(exactText({ ...powder, massG: null, volumeML: 20 }, metric))).toBe('20 mL');
  });
});
