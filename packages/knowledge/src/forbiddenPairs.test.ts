import { describe, expect, it } from 'vitest';
import { loadKnowledge } from './loadKnowledge.js';

const { forbiddenPairs } = loadKnowledge();
const pair = (a: string, b: string) =>
  forbiddenPairs.find((entry) => (entry.a === a && entry.b === b) || (entry.a === b && entry.b === a));

type Expected = readonly [a: string, b: string, happens: RegExp, ground: string];

/**
 * Grounds are published reactions, recalled: inorganic chemistry handbooks, public poison-centre guidance, where it
 * is said.
 */
const NEVER_IN_ONE_PLAN: readonly Expected[] = [
  ['chlorine', 'weakAcid', /chlorine gas/, 'HClO + HCl → Cl2 + H2O; poison-centre guidance'],
  ['chlorine', 'oxalicAcid', /chlorine gas/, 'as any acid; poison-centre guidance'],
  ['chlorine', 'ammonia', /chloramines/, 'NH3 + HClO → NH2Cl + H2O; poison-centre guidance'],
  ['chlorine', 'peroxide', /oxygen/, 'ClO− + H2O2 → Cl− + H2O + O2; handbook'],
  ['chlorine', 'percarbonate', /oxygen/, 'the same, from percarbonate; handbook'],
  ['chlorine', 'alcohol', /chlorinated organics/, 'haloform reaction; handbook, poison-centre guidance'],
  ['chlorine', 'ketone', /chlorinated organics/, 'haloform reaction of acetone; handbook'],
  ['chlorine', 'ester', /chlorinated organics/, 'as ketones and alcohols; poison-centre guidance'],
  ['chlorine', 'hydrocarbon', /oxidiser/, 'oxidiser with fuel; CLP storage classes'],
  ['chlorine', 'reducer', /heats up/, 'oxidiser with reducer; handbook'],
  ['chlorine', 'mildReducer', /heats up/, 'thiosulphate with hypochlorite; handbook'],
  ['chlorine', 'poolChlorine', /nitrogen trichloride/, 'different chlorine kinds; poison-centre guidance'],
  ['chlorine', 'protease', /chloramines/, 'N-chlorination of protein; handbook'],
  ['chlorine', 'undeclared', /contents are unknown/, 'unknown product; poison-centre guidance'],
  [
    'chlorine',
    'softener',
    /chlorine gas/,
    'softeners stand at pH 2.5–4; quaternary salts give no chloramines; handbook',
  ],
  ['chlorine', 'polyol', /chlorinated organics/, 'oxidation of glycerine; handbook'],
  ['reducer', 'undeclared', /sulphur dioxide/, 'unknown may be acid; poison-centre guidance'],
  ['ammonia', 'undeclared', /chloramines/, 'unknown may be chlorine; poison-centre guidance'],
  ['poolChlorine', 'weakAcid', /chlorine gas/, 'as hypochlorite; poison-centre guidance'],
  ['poolChlorine', 'oxalicAcid', /chlorine gas/, 'as hypochlorite; poison-centre guidance'],
  ['poolChlorine', 'softener', /chlorine gas/, 'softeners are sour; as chlorine bleach'],
  ['poolChlorine', 'ammonia', /nitrogen trichloride/, 'NCl3; handbook'],
  ['poolChlorine', 'peroxide', /violently/, 'as hypochlorite; handbook'],
  ['poolChlorine', 'percarbonate', /violently/, 'as hypochlorite; handbook'],
  ['poolChlorine', 'hydrocarbon', /fire/, 'solid oxidiser with fuel; poison-centre guidance'],
  ['poolChlorine', 'alcohol', /fire/, 'solid oxidiser with fuel; poison-centre guidance'],
  ['poolChlorine', 'ketone', /fire/, 'solid oxidiser with fuel; poison-centre guidance'],
  ['poolChlorine', 'ester', /fire/, 'solid oxidiser with fuel; poison-centre guidance'],
  ['poolChlorine', 'polyol', /fire/, 'calcium hypochlorite and glycerine ignite; handbook'],
  ['poolChlorine', 'reducer', /heats up/, 'oxidiser with reducer; handbook'],
  ['poolChlorine', 'undeclared', /contents are unknown/, 'unknown product; poison-centre guidance'],
];

const FULL_RINSE_BETWEEN: readonly Expected[] = [
  ['mildReducer', 'weakAcid', /sulphur dioxide/, 'S2O3 2− + 2 H+ → S + SO2; handbook'],
  ['mildReducer', 'oxalicAcid', /sulphur dioxide/, 'the same; handbook'],
  ['mildReducer', 'peroxide', /cancels/, 'oxidiser with reducer; handbook'],
  ['mildReducer', 'percarbonate', /cancels/, 'oxidiser with reducer; handbook'],
  ['mildReducer', 'undeclared', /contents are unknown/, 'unknown may be acid; poison-centre guidance'],
  ['reducer', 'weakAcid', /sulphur dioxide/, 'S2O4 2− + H+ → SO2; handbook'],
  ['reducer', 'oxalicAcid', /sulphur dioxide/, 'the same; handbook'],
  ['reducer', 'peroxide', /heats violently/, 'oxidiser with reducer; handbook'],
  ['reducer', 'percarbonate', /heats violently/, 'oxidiser with reducer; handbook'],
  ['percarbonate', 'oxalicAcid', /foams/, 'carbonate and acid, oxidation of oxalate; handbook'],
  ['peroxide', 'oxalicAcid', /heat and gas/, 'oxidation of oxalate to CO2; handbook'],
  ['ammonia', 'oxalicAcid', /cancels/, 'acid and base; handbook'],
  ['peroxide', 'undeclared', /contents are unknown/, 'unknown product; poison-centre guidance'],
  ['percarbonate', 'undeclared', /contents are unknown/, 'unknown product; poison-centre guidance'],
  ['weakAcid', 'undeclared', /contents are unknown/, 'unknown may be chlorine; poison-centre guidance'],
  ['oxalicAcid', 'undeclared', /contents are unknown/, 'unknown may be chlorine; poison-centre guidance'],
];

const MAY_FOLLOW_ON_A_SURFACE: readonly Expected[] = [
  ['peroxide', 'weakAcid', /peracetic/, 'CH3COOH + H2O2 ⇌ CH3CO3H + H2O; handbook'],
  ['percarbonate', 'weakAcid', /peracetic/, 'the same, with CO2; handbook'],
  ['ammonia', 'weakAcid', /cancels/, 'acid and base; handbook'],
];

const AIR_BETWEEN: readonly Expected[] = [
  ['alcohol', 'hydrocarbon', /vapour/, 'flammable vapours; CLP'],
  ['ketone', 'hydrocarbon', /vapour/, 'flammable vapours; CLP'],
  ['alcohol', 'ketone', /vapour/, 'flammable vapours; CLP'],
  ['ketone', 'ester', /vapour/, 'flammable vapours; CLP'],
  ['ester', 'alcohol', /vapour/, 'flammable vapours; CLP'],
  ['ester', 'hydrocarbon', /vapour/, 'flammable vapours; CLP'],
  ['hydrocarbon', 'contactHeat', /set light/, 'flammable vapours; CLP'],
  ['alcohol', 'contactHeat', /set light/, 'flammable vapours; CLP'],
  ['ketone', 'contactHeat', /set light/, 'flammable vapours; CLP'],
  ['ester', 'contactHeat', /set light/, 'flammable vapours; CLP'],
];

const RINSE_AND_DRY_BETWEEN: readonly Expected[] = [
  ['peroxide', 'ketone', /explosive/, 'acetone peroxides; handbook'],
  ['percarbonate', 'ketone', /explosive/, 'acetone peroxides; handbook'],
  ['hydrocarbon', 'undeclared', /contents are unknown/, 'unknown product; poison-centre guidance'],
  ['alcohol', 'undeclared', /contents are unknown/, 'unknown product; poison-centre guidance'],
  ['ketone', 'undeclared', /contents are unknown/, 'unknown product; poison-centre guidance'],
  ['ester', 'undeclared', /contents are unknown/, 'unknown product; poison-centre guidance'],
];

describe('forbidden pairs', () => {
  it.each(NEVER_IN_ONE_PLAN)('keep %s and %s out of one plan (%s; %s)', (a, b, happens) => {
    expect(pair(a, b)).toMatchObject({ apart: 'plan', blocksSurface: true, protects: 'both' });
    expect(pair(a, b)?.happens).toMatch(happens);
  });
  it.each(FULL_RINSE_BETWEEN)(
    'part %s and %s by a full rinse, never on one surface (%s; %s)',
    (a, b, happens) => {
      expect(pair(a, b)).toMatchObject({ apart: 'rinse', blocksSurface: true, protects: 'both' });
      expect(pair(a, b)?.happens).toMatch(happens);
    },
  );
  it.each(MAY_FOLLOW_ON_A_SURFACE)(
    'let %s follow %s after a rinse, on a surface too (%s; %s)',
    (a, b, happens) => {
      expect(pair(a, b)).toMatchObject({ apart: 'rinse', blocksSurface: false });
      expect(pair(a, b)?.happens).toMatch(happens);
    },
  );
  it.each(RINSE_AND_DRY_BETWEEN)('need rinsing and drying between %s and %s (%s; %s)', (a, b, happens) => {
    expect(pair(a, b)).toMatchObject({ apart: 'rinseAndDry', blocksSurface: true, protects: 'both' });
    expect(pair(a, b)?.happens).toMatch(happens);
  });
  it.each(AIR_BETWEEN)('ask for airing between %s and %s, never on one surface (%s; %s)', (a, b, happens) => {
    expect(pair(a, b)).toMatchObject({ apart: 'air', blocksSurface: true, protects: 'both' });
    expect(pair(a, b)?.happens).toMatch(happens);
  });
  it('are all covered by a test here', () => {
    const tested = [
      ...NEVER_IN_ONE_PLAN,
      ...FULL_RINSE_BETWEEN,
      ...MAY_FOLLOW_ON_A_SURFACE,
      ...AIR_BETWEEN,
      ...RINSE_AND_DRY_BETWEEN,
    ].map(([a, b]) => [a, b].sort().join(' '));
    expect(forbiddenPairs.map(({ a, b }) => [a, b].sort().join(' ')).sort()).toEqual(tested.sort());
  });
});
