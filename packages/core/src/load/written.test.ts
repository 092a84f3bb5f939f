import { describe, expect, it } from 'vitest';
import { checkLoad } from '../safety/checkLoads.js';
import { household, knowledge, label, piece, tried, trouble } from '../test/fixtures.js';
import { inDrum, line, machine, read, sorted } from '../test/heapLines.js';
import type { CareLabel } from '../textile/careLabel.js';
import { drumClashWords, joiningWords, stayWords } from '../words/loadWords.js';
import { adviceOf, choresOf } from './chores.js';
import { compartmentsOf } from './dose.js';
import { drumOf, isDrum } from './drum.js';
import { dryerFor } from './dryer.js';
import { effortOf } from './effort.js';
import type { HeapEntry } from './heapEntry.js';
import { answerOf, joiningOf } from './joining.js';
import { commonMachine } from './machine.js';
import { type OpenTrouble, openOnPiece } from './openTroubles.js';
import { readEntry } from './readEntry.js';
import { keepArrangement } from './sortHeap.js';

/*
 * Jobs as they come, and what a launderer would say: common practice, no source, save where a rule protects people.
 */
const bars = (maxC: 30 | 40 | 60, count: 1 | 2): CareLabel => ({
  ...label(maxC),
  wash: { kind: 'machine', maxC, bars: count },
});
const names = (entries: readonly HeapEntry[], best = 0) =>
  sorted(entries, best)
    .loads.map(({ pieces }) =>
      pieces
        .map(({ name }) => name)
        .sort()
        .join(' + '),
    )
    .sort();
const say = {
  name: (id: string) => id,
  temp: (tempC: number) => `${tempC} °C`,
  volume: (mL: number) => `${mL} mL`,
};
const why = (one: HeapEntry, other: HeapEntry): string => {
  const drum = drumOf([inDrum(one), inDrum(other)], machine);
  if (isDrum(drum) || drum.code !== 'clash') throw new Error('they may meet');
  return drumClashWords(drum.clash, (id) => id, say);
};

const sheet = line('sheet', 'bedSheet', { cotton: 100 }, { label: label(60, 'any') }, { count: 2 });
const towel = line('towel', 'towel', { cotton: 100 }, { label: label(60, 'any') }, { count: 4 });
const shirt = line('shirt', 'shirt', { cotton: 100 }, { colour: 'pale', label: label(40) });
const tights = line(
  'tights',
  'leggings',
  { polyamide: 80, elastane: 20 },
  { colour: 'dark', label: bars(40, 1) },
);
const darks = line('darks', 'tShirt', { cotton: 100 }, { colour: 'dark', label: label(40) }, { count: 6 });
const woollen = line('woollen', 'jumper', { wool: 100 }, { colour: 'dark', label: bars(30, 2) });

describe('sheet and towel at 60 with a shirt at 40', () => {
  it('one drum at 40 where few loads are asked, and says what that costs; apart where each is at its best', () => {
    const [load, ...others] = sorted([sheet, towel, shirt]).loads;
    expect(others).toEqual([]);
    expect(load?.drum.tempC).toBe(40);
    const joining = load && joiningOf(load, machine);
    expect(joining).toMatchObject({ holderIds: ['shirt'], tempC: 40, apartC: 60 });
    const words = joining && joiningWords(joining, (id) => id, say);
    expect(words?.holds).toBe('Held at 40 °C by shirt (sewn-in label): sheet and towel too.');
    expect(words?.apart).toMatch(/60 °C: one drum and 2 h 10/);
    expect(names([sheet, towel, shirt], 1)).toEqual(['sheet + towel', 'shirt']);
  });
});

describe('what may not meet', () => {
  it('a red sock that was never tested, with white sheets', () => {
    const sock = line(
      'red sock',
      'socks',
      { cotton: 100 },
      { colour: 'dark', fastness: 'unknown', label: label(40) },
    );
    expect(why(sock, sheet)).toContain('not tested');
    const ran = line(
      'red sock',
      'socks',
      { cotton: 100 },
      { colour: 'dark', fastness: 'failed', label: label(40) },
    );
    expect(why(ran, darks)).toContain('runs');
    const proven = {
      ...sock,
      facts: { ...sock.facts, piece: { ...sock.facts.piece, fastness: 'proven' as const } },
    };
    expect(why(proven, sheet)).toContain('greys');
  });

  it('new jeans may join a fast dark load, not a paler one, and not once they have bled', () => {
    const jeans = (fastness: 'unknown' | 'failed') =>
      line('jeans', 'jeans', { cotton: 98, elastane: 2 }, { colour: 'dark', fastness, label: label(40) });
    expect(names([jeans('unknown'), darks])).toEqual(['darks + jeans']);
    expect(sorted([jeans('unknown'), darks]).loads[0]?.drum.tempC).toBe(30);
    expect(names([jeans('failed'), darks])).toEqual(['darks', 'jeans']);
    const mid = line('mid', 'tShirt', { cotton: 100 }, { colour: 'mid', label: label(40) });
    expect(why(jeans('unknown'), mid)).toContain('not tested');
    const drum = compartmentsOf(
      sorted([jeans('unknown'), darks]).loads[0] ?? expect.unreachable('a load'),
      household,
      knowledge,
    );
    expect(drum.dyeCatcher).toBe(true);
  });

  it('sports kit with elastane and towels: lint', () => {
    expect(
      why({ ...towel, facts: { ...towel.facts, piece: { ...towel.facts.piece, colour: 'dark' } } }, tights),
    ).toContain('Lint of');
  });

  it('a nappy: a load of its own, 60 °C, and never with kitchen cloths', () => {
    const nappy = line('nappy', 'clothNappy', { cotton: 100 }, { label: label(60) }, { count: 12 });
    const cloths = line('cloths', 'strainingCloth', { cotton: 100 }, { label: label(60) }, { count: 8 });
    expect(names([nappy, cloths, towel])).toEqual(['cloths', 'nappy', 'towel']);
    const load = sorted([nappy]).loads[0] ?? expect.unreachable('a load');
    expect(load.drum.tempC).toBe(60);
    expect(load.drum.programme.id).toBe('cotton');
    expect(adviceOf(load.pieces, knowledge).join(' ')).toContain('Carried, not shaken');
    const { oxygen, lastRinse } = compartmentsOf(load, household, knowledge);
    expect(oxygen).not.toBeNull();
    expect(lastRinse?.agentId).not.toBe('softener');
  });

  it('what cannot have the heat its use asks for goes alone, as hot as it can', () => {
    const sick = line(
      'sick shirt',
      'shirt',
      { viscose: 100 },
      { colour: 'white', label: bars(40, 1) },
      { use: 'sickBed' },
    );
    expect(inDrum(sick).floor).toMatchObject({ floorC: 60, met: false });
    expect(why(sick, { ...sheet, use: 'bodyFluid' })).toContain('a load of their own');
    expect(why({ ...sick, use: 'bodyFluid' }, shirt)).toContain('as hot as it can');
  });
});

describe('what stays out', () => {
  it('a solvent-treated overall: aired first, then alone, never in the dryer', () => {
    const overall = (solvent: HeapEntry['solvent']) =>
      line('overall', 'workwear', { cotton: 100 }, { colour: 'mid', label: label(60) }, { solvent });
    const smells = read(overall('smells'));
    expect(smells).toMatchObject({ to: 'stays', reason: { code: 'solventSmells' } });
    expect(why(overall('aired'), darks)).toContain('alone');
    const dryer = dryerFor([inDrum(overall('aired'))], 7000, knowledge);
    expect([dryer.heat, dryer.out.map(({ pieceId }) => pieceId)]).toEqual([null, ['overall']]);
    const told = line('overall', 'workwear', { cotton: 100 }, { label: label(60) });
    const withTried = { ...told, facts: { ...told.facts, tried: tried('whiteSpirit') } };
    expect(read(withTried).to).toBe(
      knowledge.agents.some(({ id }) => id === 'whiteSpirit') ? 'stays' : 'drum',
    );
  });

  it('fuel, hand-wash tags, what is not washed at all, and what is too big', () => {
    const coded = (entry: HeapEntry) => {
      const answer = read(entry);
      return answer.to === 'stays' ? `${answer.reason.code}: ${stayWords(answer.reason, say)}` : 'drum';
    };
    expect(coded({ ...sheet, fuel: true })).toContain('into no machine and no dryer');
    const soaked = trouble('fuelSpill', sheet.facts.piece);
    expect(coded({ ...sheet, facts: soaked })).toContain('into no machine and no dryer');
    const hand: CareLabel = { ...label(30), wash: { kind: 'hand' } };
    expect(coded(line('hand', 'shirt', { silk: 100 }, { label: hand }))).toMatch(
      /^byHand: By hand: (hand-wash|silk)/,
    );
    const never: CareLabel = { ...label(30), wash: { kind: 'never' } };
    expect(coded(line('never', 'shirt', { cotton: 100 }, { label: never }))).toContain('crossed-out tub');
    const small = commonMachine(4000, knowledge);
    const duvet = line('duvet', 'duvet', { cotton: 100 }, { label: label(60) });
    const answer = readEntry(duvet, small, household, knowledge);
    expect(answer).toMatchObject({ to: 'stays', reason: { code: 'tooBig' } });
  });
});

describe('what is open on a piece goes with it into the heap', () => {
  const answerOf = (troubles: readonly OpenTrouble[], piece = towel.facts.piece) => {
    const { facts, solvent } = openOnPiece(troubles, piece, knowledge);
    return read({ ...towel, facts, solvent });
  };
  const told = (markId: string, ...products: string[]): OpenTrouble => ({
    facts: { ...trouble(markId, towel.facts.piece), tried: tried(...products) },
    atWash: false,
  });
  const kept = (...troubles: OpenTrouble[]) => {
    const answer = answerOf(troubles);
    return answer.to === 'stays' ? answer.reason.code : (answer.piece.alone?.kind ?? 'in company');
  };
  it('fuel, a solvent, moth poison and what reacts stay out; faeces, vomit, mould, moths and toner go alone', () => {
    expect(kept(told('tea'))).toBe('in company');
    expect(kept(told('fuelSpill'))).toBe('fuel');
    expect(kept(told('mothball'))).toBe('fuel');
    for (const solvent of ['petrol', 'acetone', 'mineralSpirits', 'isopropanol'])
      expect(kept(told('tea', solvent)), solvent).toBe('solventSmells');
    for (const product of ['strongRustRemover', 'ammonia', 'chlorineBleach', 'mouldSpray', 'unknownProduct'])
      expect(kept(told('humanUrine', product)), product).toBe('productOnIt');
    for (const markId of ['faeces', 'vomit', 'mildew', 'moths', 'toner'])
      expect(kept(told(markId)), markId).toBe('mark');
    // One of several troubles is enough.
    expect(kept(told('tea'), told('rust', 'petrol'))).toBe('solventSmells');
  });
  it('a solvent that a treatment used, which was not finished, stays out as well', () => {
    const { facts } = told('ballpoint');
    const done = [{ methodId: 'alcoholSpot', rounds: 1, stalled: false }];
    expect(kept({ facts: { ...facts, done }, atWash: false })).toBe('solventSmells');
    expect(kept({ facts: { ...facts, done }, atWash: true })).toBe('solvent');
  });
  it('a product that was rinsed out by a treatment that has come to its wash holds nothing up', () => {
    expect(kept({ ...told('tea', 'ammonia'), atWash: true })).toBe('in company');
    expect(kept({ ...told('tea', 'petrol'), atWash: true })).toBe('solvent');
  });
  it('straps that hold a child: the pram goes alone, and not at all where the trouble is on them', () => {
    const parts = ['cover', 'webbing'].map((name) => ({
      name,
      fibres: [{ fibreId: 'polyester', sharePct: 100 }],
    }));
    const pram = { ...piece('pram', { polyester: 100 }, { label: label(30) }), parts };
    const alone = answerOf([], pram);
    expect(alone.to === 'drum' && alone.piece.alone).toEqual({ kind: 'part', partId: 'webbingPart' });
    const onStraps = { facts: { ...trouble('vomit', pram), partIndex: 1 }, atWash: false };
    expect(answerOf([onStraps], pram)).toMatchObject({ to: 'stays', reason: { code: 'notWashed' } });
  });
});

describe('a duvet, wool, an open mark', () => {
  it('a duvet fills a drum by its room, not its mass, and is spun slowly', () => {
    const duvet = line('duvet', 'duvet', { cotton: 100 }, { label: label(60) });
    expect(names([duvet, sheet, towel])).toEqual(['duvet', 'sheet + towel']);
    const drum = drumOf([inDrum(duvet)], machine);
    expect(isDrum(drum) && drum.spinRpm).toBe(800);
  });

  it('wool with a machine label: the wool programme, the gentle detergent, flat or low, no bleach', () => {
    const load = sorted([woollen]).loads[0] ?? expect.unreachable('a load');
    expect(load.drum).toMatchObject({ tempC: 30, programme: { id: 'woollens' } });
    const { main, oxygen } = compartmentsOf(load, household, knowledge);
    const agent = knowledge.agents.find(({ id }) => id === main?.agentId);
    expect(agent?.washRole).toBe('delicate');
    expect(agent?.chemistries).not.toContain('protease');
    expect(oxygen).toBeNull();
  });

  it('wool goes with wool only, and the reason names both', () => {
    const scarf = line('scarf', 'scarf', { wool: 100 }, { colour: 'dark', label: bars(30, 2) });
    const silk = line('silk', 'shirt', { silk: 100 }, { colour: 'dark', label: bars(30, 2) });
    expect(names([woollen, scarf, silk, darks])).toEqual(['darks + silk', 'scarf + woollen']);
    expect(why(woollen, silk)).toBe(
      'Wool goes with wool only: woollen would felt, and silk would hardly get clean.',
    );
  });

  it('a treatment that ends in the drum joins a load, and holds it to its own wash', () => {
    const due = inDrum({ ...towel, washDueC: 40 });
    expect(due.maxC).toEqual({ value: 40, by: { kind: 'treatment' } });
    const load = sorted([{ ...towel, washDueC: 40 }, sheet]).loads[0] ?? expect.unreachable('a load');
    expect(load.drum.tempC).toBe(40);
    const joining = joiningOf(load, machine) ?? expect.unreachable('a cost');
    expect(joiningWords(joining, (id) => id, say).holds).toBe(
      'Held at 40 °C by towel (the wash its treatment ends in): sheet too.',
    );
    expect(read({ ...towel, inTreatment: true })).toMatchObject({ reason: { code: 'inTreatment' } });
  });

  it('a white towel with open make-up: no hotter than the mark bears, and not into the dryer', () => {
    const marked: HeapEntry = { ...towel, facts: trouble('egg', towel.facts.piece) };
    const one = inDrum(marked);
    expect(one.openMarkIds).toEqual(['egg']);
    expect(one.maxC.value).toBeLessThan(60);
    expect(one.maxC.by).toMatchObject({ kind: 'soil' });
    expect(dryerFor([one, inDrum(sheet)], 7000, knowledge)).toMatchObject({
      inIds: ['sheet'],
      out: [{ pieceId: 'towel', marked: true }],
    });
  });
});

describe('what a load shows', () => {
  const load = sorted([sheet, towel]).loads[0] ?? expect.unreachable('a load');

  it('dose by mass, soil and hardness, in grams, millilitres and this product’s caps', () => {
    const capped = {
      ...household,
      products: [{ agentId: 'bioDetergent', capML: 35, labelDose: { amount: 70, unit: 'mL', perL: null } }],
    } as const;
    const hard = compartmentsOf(load, capped, knowledge).main;
    const soft = compartmentsOf(load, { ...capped, hardnessMgL: 40 }, knowledge).main;
    expect(hard?.agentId).toBe('bioDetergent');
    expect(hard?.assumed).toBe(false);
    expect(hard?.volumeML).toBeGreaterThan(soft?.volumeML ?? 0);
    expect(Math.abs((hard?.caps ?? 0) - (hard?.volumeML ?? 0) / 35)).toBeLessThanOrEqual(0.25);
    const few = sorted([{ ...sheet, count: 1 }]).loads[0] ?? expect.unreachable('a load');
    expect(compartmentsOf(few, capped, knowledge).main?.volumeML).toBeLessThan(hard?.volumeML ?? 0);
  });

  it('water, energy and time as a common machine of the size takes', () => {
    const effort = effortOf(load.drum, 11);
    // Front loaders of 8 kg state about 0.9 to 1.3 kWh and 50 to 75 L for cotton at 60 °C, recalled.
    expect(effort.kWh).toBeGreaterThan(0.7);
    expect(effort.kWh).toBeLessThan(1.4);
    expect(effort.waterL).toBeGreaterThan(40);
    expect(effort.waterL).toBeLessThan(75);
  });

  it('says how kinds of cloth are tumbled: covers part of the way, down to the core', () => {
    const covers = inDrum(line('covers', 'looseCover', { cotton: 100 }, { colour: 'mid', label: label(60) }));
    expect(dryerFor([covers], 7000, knowledge)).toMatchObject({
      heat: { value: 'low' },
      tempC: 60,
      ways: [{ clothKindId: 'covers', tumbling: expect.stringContaining('then in the air') }],
    });
    expect(dryerFor([{ ...covers, massG: 9000 }], 7000, knowledge).overfull).toBe(true);
  });

  it('says what to do by hand before it goes in', () => {
    const jeans = inDrum(line('jeans', 'jeans', { cotton: 100 }, { colour: 'dark', label: label(40) }));
    expect(choresOf([jeans], knowledge).map(({ chore }) => chore)).toEqual([
      'emptyPockets',
      'closeFastenings',
      'insideOut',
    ]);
  });

  it('answers at once for a piece that would join, and keeps what somebody has arranged', () => {
    const answer = answerOf(inDrum(shirt), load.pieces, machine);
    expect(answer).toMatchObject({ may: true, before: { tempC: 60 }, after: { tempC: 40 } });
    expect(answerOf(inDrum(darks), load.pieces, machine)).toMatchObject({ may: false });
    const pieces = [sheet, towel, shirt, darks].map(inDrum);
    const kept = keepArrangement([['shirt'], ['sheet', 'darks'], ['towel']], pieces, machine);
    expect(kept.map((one) => one.pieces.map(({ id }) => id))).toEqual([
      ['shirt'],
      ['sheet'],
      ['towel'],
      ['darks'],
    ]);
  });
});

describe('the checker of loads', () => {
  it('catches each kind of fault that is planted', () => {
    const told = (members: readonly HeapEntry[], more: object = {}) =>
      checkLoad(
        {
          members: members.map((entry) => ({ entry, count: entry.count })),
          programmeId: 'cotton',
          tempC: 40,
          spinRpm: 800,
          oxygen: false,
          softener: false,
          ...more,
        },
        machine,
        knowledge,
      ).join('; ');
    expect(told([sheet])).toBe('');
    expect(told([shirt], { tempC: 60 })).toContain('hotter than its tag');
    expect(told([woollen])).toContain('would felt');
    expect(told([woollen, darks], { programmeId: 'woollens', tempC: 30 })).toContain(
      'wool with other things',
    );
    expect(told([darks, sheet])).toContain('greys');
    expect(told([towel, tights])).toContain('sheds');
    expect(told([{ ...sheet, fuel: true }])).toContain('not for a drum');
    expect(told([{ ...sheet, use: 'nappy' }, towel])).toContain('with other things');
    expect(told([{ ...sheet, solvent: 'aired' }, towel])).toContain('not alone');
    const marked = (markIds: string[], ...products: string[]): HeapEntry => ({
      ...towel,
      facts: { ...towel.facts, markIds, tried: tried(...products) },
    });
    expect(told([marked(['fuelSpill'])])).toContain('what burns is in it');
    expect(told([marked(['mothball'])])).toContain('what burns is in it');
    expect(told([marked([], 'petrol')])).toContain('a solvent is in it');
    expect(told([marked([], 'ammonia')])).toContain('reacts');
    expect(told([marked(['humanUrine'], 'chlorineBleach')], { oxygen: true })).toContain(
      'oxygen on chlorine',
    );
    for (const markId of ['faeces', 'vomit', 'mildew', 'moths', 'toner']) {
      expect(told([marked([markId])]), markId).toBe('');
      expect(told([marked([markId]), { ...sheet, count: 1 }]), markId).toContain('not alone');
    }
    expect(told([{ ...towel, count: 40 }])).toContain('it holds');
    expect(told([towel], { softener: true })).toContain('softener spoils');
    expect(told([shirt], { tempC: 45 })).toContain('no setting');
  });
});
