import { describe, expect, it } from 'vitest';
import { findIntegrityFaults } from './findIntegrityFaults.js';
import { Knowledge } from './knowledge.js';
import { KNOWLEDGE_VERSION, loadKnowledge } from './loadKnowledge.js';

const whole = loadKnowledge();
const broken = (change: (draft: Knowledge) => void): string[] => {
  const draft = structuredClone(whole);
  change(draft);
  return findIntegrityFaults(draft);
};
const first = <T>(list: readonly T[]): T => {
  const [item] = list;
  if (item === undefined) throw new Error('empty family');
  return item;
};

describe('the shipped knowledge', () => {
  it('is whole and carries its version', () => {
    expect(findIntegrityFaults(whole)).toEqual([]);
    expect(whole.version).toBe(KNOWLEDGE_VERSION);
  });

  it('is broad enough for the slice', () => {
    expect(whole.fibres.length).toBeGreaterThanOrEqual(12);
    expect(whole.items.length).toBeGreaterThanOrEqual(10);
    expect(whole.marks.length).toBeGreaterThanOrEqual(15);
    expect(whole.agents.length).toBeGreaterThanOrEqual(15);
    expect(whole.methods.length).toBeGreaterThanOrEqual(15);
    expect(new Set(whole.marks.map((mark) => mark.kind)).size).toBe(5);
  });

  it('is refused by its schema when a field is missing or strange', () => {
    expect(() => Knowledge.parse({ ...whole, fibres: [{ id: 'x' }] })).toThrow();
    expect(() => Knowledge.parse({ ...whole, extra: true })).toThrow();
  });

  it('gives every agent that needs care at least one caution', () => {
    const risky = whole.agents.filter((agent) => !agent.ghs.startsWith('not classified'));
    expect(risky.filter((agent) => agent.cautionIds.length === 0).map((agent) => agent.id)).toEqual([]);
  });

  it('says of no source that it was opened, since none was', () => {
    expect(whole.sources.filter((source) => source.consulted)).toEqual([]);
  });
});

describe('an integrity fault', () => {
  it('is found when an id stands twice', () => {
    expect(broken((k) => k.fibres.push(first(k.fibres)))).toContain('fibres: "cotton" stands twice');
  });
  it('is found when one id stands in two families that are spoken of by id', () => {
    expect(broken((k) => k.components.push({ ...first(k.components), id: 'blood' }))).toContain(
      '"blood" stands in components and in marks',
    );
  });
  it('is found when a source does not exist', () => {
    expect(broken((k) => first(k.fibres).sourceIds.push('hearsay'))).toContain(
      'fibres.cotton.sourceIds: no sources "hearsay"',
    );
  });
  it('is found when a method holds a forbidden pair', () => {
    const faults = broken((k) =>
      first(k.methods).agents.push(
        { agentId: 'chlorineBleach', dose: { per: 'label' } },
        { agentId: 'vinegar', dose: { per: 'label' } },
      ),
    );
    expect(faults).toContain('methods.coldFlush: holds the forbidden pair chlorineAcid');
  });
  it('is found when a range is turned round', () => {
    expect(broken((k) => Object.assign(first(k.agents).pH, { low: 9, high: 7 }))[0]).toMatch(/9 is above 7/);
  });
  it('is found when weights or shares do not sum', () => {
    expect(broken((k) => Object.assign(first(first(k.marks).components), { weight: 0.4 }))[0]).toMatch(
      /weights do not sum/,
    );
    expect(broken((k) => Object.assign(first(first(k.items).defaultFibres), { sharePct: 80 }))[0]).toMatch(
      /do not sum to 100/,
    );
  });
  it('is found when no record answers to a role that rules ask for', () => {
    const faults = broken((k) => {
      k.cautions = k.cautions.filter((caution) => caution.occasion !== 'hot');
      k.signs = k.signs.filter((sign) => sign.standsFor !== 'animalFibres');
      for (const agent of k.agents) if (agent.washRole === 'delicate') agent.washRole = null;
    });
    expect(faults).toEqual(
      expect.arrayContaining([
        'cautions: none for the occasion "hot"',
        'signs: no alarm stands for "animalFibres"',
        'agents: none washes as "delicate"',
      ]),
    );
  });
  it('is found when nothing in a method moves what it is for', () => {
    expect(broken((k) => first(k.methods).componentIds.push('lacquer'))).toContain(
      'methods.coldFlush: nothing in it moves lacquer',
    );
  });
  it('is found when a line has no condition, or is silent on what it speaks of, or forbids what it asks', () => {
    const note = { when: 'always' as const, asks: [], bars: [], names: [] };
    const faults = broken((k) => {
      first(k.items).notes.push(
        { ...note, text: 'Dry it in the sun.' },
        { ...note, text: 'Never brush it.', asks: ['brush'], bars: ['brush'] },
        { ...note, when: undefined, text: 'Mind it.' } as never,
      );
    });
    expect(faults).toEqual([
      'items.tableLinen: "Dry it in the sun." speaks of sun and does not say whether it asks for it',
      'items.tableLinen: "Never brush it." asks for brush and forbids it',
      'items.tableLinen: "Mind it." has no condition, not even "always"',
    ]);
    const bare = structuredClone(whole);
    first(bare.items).notes.push({ text: 'Mind it.' } as never);
    expect(() => Knowledge.parse(bare)).toThrow();
    first(bare.items).notes = [{ ...note, when: {}, text: 'Mind it.' }];
    expect(() => Knowledge.parse(bare)).toThrow();
  });
  it('is found when a product eats a vessel and does not say so, or burns without a cap', () => {
    const faults = broken((k) => {
      for (const agent of k.agents) {
        if (agent.id === 'vinegar') agent.notInVessels = [];
        if (agent.id === 'acetone') agent.mostMLPerRound = null;
      }
    });
    expect(faults).toEqual(
      expect.arrayContaining([
        'agents.vinegar: its pH attacks aluminium, and it does not say so',
        'agents.vinegar: its pH attacks stone, and it does not say so',
        'agents.acetone: burns, and has no cap',
      ]),
    );
  });
  it('is found when a rule of the reader of sentences names a record that does not exist', () => {
    const faults = broken((k) => {
      k.readingRules.vagueMarkIds.push('biro');
      first(k.readingRules.kindRules).isThen = 'linedCurtains';
      k.readingRules.unknownSmellId = 'smell';
      first(k.typedWords.filter(({ kind }) => kind === 'fibre')).value = 'cotton+plastic';
    });
    expect(faults).toEqual([
      'readingRules.unknownSmellId: no marks "smell"',
      'readingRules.vagueMarkIds: no marks "biro"',
      'readingRules.isThen: no items "linedCurtains"',
      expect.stringMatching(/^typedWords\..*: no fibres "cotton\+plastic"$/),
    ]);
  });
});
