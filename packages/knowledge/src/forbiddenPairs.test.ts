import { describe, expect, it } from 'vitest';
import { loadKnowledge } from './loadKnowledge.js';

const { forbiddenPairs } = loadKnowledge();
const pair = (a: string, b: string) =>
  forbiddenPairs.find((entry) => (entry.a === a && entry.b === b) || (entry.a === b && entry.b === a));

/** Ground beside each: inorganic chemistry handbook and public poison-centre guidance, recalled. */
describe('forbidden pairs', () => {
  it.each([
    ['chlorine', 'weakAcid', /chlorine gas/],
    ['chlorine', 'oxalicAcid', /chlorine gas/],
    ['chlorine', 'ammonia', /chloramines/],
    ['chlorine', 'peroxide', /oxygen/],
    ['chlorine', 'percarbonate', /oxygen/],
    ['chlorine', 'alcohol', /chlorinated organics/],
    ['chlorine', 'ketone', /chlorinated organics/],
    ['chlorine', 'reducer', /heats up/],
  ])('keep %s and %s out of one plan', (a, b, happens) => {
    expect(pair(a, b)).toMatchObject({ apart: 'plan', blocksSurface: true, protects: 'both' });
    expect(pair(a, b)?.happens).toMatch(happens);
  });

  it.each([
    ['reducer', 'weakAcid', /sulphur dioxide/],
    ['reducer', 'oxalicAcid', /sulphur dioxide/],
    ['reducer', 'peroxide', /heats violently/],
    ['reducer', 'percarbonate', /heats violently/],
    ['percarbonate', 'oxalicAcid', /foams/],
  ])('part %s and %s by a full rinse, and never share a surface', (a, b, happens) => {
    expect(pair(a, b)).toMatchObject({ apart: 'rinse', blocksSurface: true });
    expect(pair(a, b)?.happens).toMatch(happens);
  });

  it.each([
    ['peroxide', 'weakAcid', /peracetic/],
    ['percarbonate', 'weakAcid', /peracetic/],
    ['ammonia', 'weakAcid', /cancels/],
  ])('let %s follow %s after a rinse, on a surface too', (a, b, happens) => {
    expect(pair(a, b)).toMatchObject({ apart: 'rinse', blocksSurface: false });
    expect(pair(a, b)?.happens).toMatch(happens);
  });

  it.each([
    ['peroxide', 'ketone', /explosive/],
    ['percarbonate', 'ketone', /explosive/],
    ['alcohol', 'hydrocarbon', /vapour/],
    ['ketone', 'hydrocarbon', /vapour/],
    ['alcohol', 'ketone', /vapour/],
    ['ketone', 'ester', /vapour/],
    ['ester', 'alcohol', /vapour/],
    ['ester', 'hydrocarbon', /vapour/],
  ])('need rinsing and drying between %s and %s', (a, b, happens) => {
    expect(pair(a, b)).toMatchObject({ apart: 'rinseAndDry' });
    expect(pair(a, b)?.happens).toMatch(happens);
  });

  it('are all covered by a test here', () => {
    expect(forbiddenPairs).toHaveLength(24);
  });
});
