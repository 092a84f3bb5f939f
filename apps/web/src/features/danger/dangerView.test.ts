import type { Catalogue } from '@feverfew/contracts';
import { loadKnowledge } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import { homeTitle, riskText } from './dangerView';

const { dangers } = loadKnowledge();
const of = (id: string): Catalogue['dangers'][number] =>
  dangers.find((danger) => danger.id === id) ?? expect.unreachable(id);
const empty = { asthma: false, pregnancy: false, baby: false, pets: false };

describe('the page of a danger', () => {
  it('says whom it harms most, and who of them lives here', () => {
    expect(riskText(of('mercury'), { ...empty, pets: true, pregnancy: true })).toEqual({
      most: 'Keep away: small children, anybody who is pregnant and pets.',
      here: 'In your house: a pregnant person and pets.',
    });
    expect(riskText(of('mercury'), empty).here).toBe('');
    expect(riskText(of('mercury'), null).here).toBe('');
    expect(riskText(of('bodyArmour'), empty)).toEqual({ most: '', here: '' });
  });
  it('says of a poison whether it is cleaned at home, of a piece what ends its use', () => {
    expect(homeTitle(of('asbestos'))).toBe('At home: no');
    expect(homeTitle(of('pesticide'))).toBe('At home, after these steps');
    expect(homeTitle(of('lifeJacket'))).toBe('Out of use when');
  });
  it('has first acts, bans and somebody to ask on every page', () => {
    for (const { id, first, never, ask } of dangers) {
      expect(first.length, id).toBeGreaterThan(0);
      expect(never.length, id).toBeGreaterThan(0);
      expect(ask.length, id).toBeGreaterThan(5);
    }
  });
});
