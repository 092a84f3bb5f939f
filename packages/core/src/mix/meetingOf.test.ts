import type { Chemistry } from '@feverfew/knowledge';
import { loadKnowledge } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import { meetingOf } from './meetingOf.js';

const { agents, forbiddenPairs } = loadKnowledge();
const of = (agentId: string): readonly Chemistry[] =>
  agents.find(({ id }) => id === agentId)?.chemistries ?? [];
const meet = (one: string, other: string) => meetingOf(of(one), of(other), forbiddenPairs);

describe('two products that meet', () => {
  // Poison centres warn of these three above all: chlorine with acid, with ammonia, with alcohol.
  it('give off what hurts people', () => {
    expect(meet('chlorineBleach', 'vinegar')).toEqual({ kind: 'hurts', happens: 'gives off chlorine gas' });
    expect(meet('ammonia', 'chlorineBleach')?.happens).toBe('gives off chloramines');
    expect(meet('isopropanol', 'chlorineBleach')?.kind).toBe('hurts');
  });
  it('keep apart without fumes: vinegar kept with peroxide makes peracetic acid', () => {
    expect(meet('vinegar', 'peroxide')?.kind).toBe('apart');
    expect(meet('oxygenBleach', 'citricAcid')?.kind).toBe('apart');
  });
  // CH3COOH + NaHCO3 -> CH3COONa + CO2 + H2O: foam, and neither is left. Common knowledge of chemistry.
  it('only use each other up: an acid and a soda', () => {
    expect(meet('vinegar', 'bakingSoda')?.kind).toBe('cancel');
    expect(meet('washingSoda', 'citricAcid')?.kind).toBe('cancel');
  });
  it('may meet: detergent and soda, oxygen bleach and soda, two acids', () => {
    expect(meet('liquidDetergent', 'washingSoda')).toBeNull();
    expect(meet('oxygenBleach', 'washingSoda')).toBeNull();
    expect(meet('vinegar', 'citricAcid')).toBeNull();
  });
  it('answer the same whichever comes first, for all of the knowledge; the worst of several pairs is said', () => {
    for (const one of agents)
      for (const other of agents) expect(meet(one.id, other.id)?.kind).toBe(meet(other.id, one.id)?.kind);
    expect(meetingOf(['weakAcid', 'peroxide'], ['chlorine'], [...forbiddenPairs].reverse())?.kind).toBe(
      'hurts',
    );
  });
});
