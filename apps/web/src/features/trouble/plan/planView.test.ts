import {
  type Action,
  type AtOnce,
  type Envelope,
  type Lexicon,
  type Plan,
  type RoundPass,
  type RunView,
} from '@feverfew/contracts';
import { describe, expect, it } from 'vitest';
import { minutesText, roundTimes } from './planTimes';
import { progressOf } from './progress';
import { slateView } from './slateView';
import { cautionsByStep, limitOf, stepLines, waterOf } from './stepView';

const say: Lexicon = { name: (id) => id, temp: (tempC) => `${tempC} °C`, volume: (mL) => `${mL / 1000} L` };
const atOnce = (more: Partial<AtOnce> = {}): AtOnce => ({
  actions: [],
  donts: [],
  handsOnMin: 0,
  gone: null,
  ...more,
});
const planOf = (more: object): Plan =>
  ({
    facts: { markIds: ['egg'], piece: { itemId: 'shirt' } },
    atOnce: atOnce(),
    rounds: [],
    findings: [],
    ...more,
  }) as unknown as Plan;
const mix = {
  kind: 'mix',
  ingredients: [
    { agentId: 'water', basis: 'step', strengthPct: null, massG: null, volumeML: null, snapped: null },
    {
      agentId: 'oxygenBleach',
      basis: 'weighed',
      strengthPct: null,
      massG: 45,
      volumeML: null,
      snapped: null,
    },
  ],
  programme: null,
  bath: { waterL: 6 },
  tempC: { min: 30, max: 40, target: 40 },
  dwell: null,
} as unknown as Action;
const soak = {
  ...mix,
  kind: 'dwell',
  ingredients: [],
  bath: null,
  dwell: { minMin: 60, maxMin: 240, aimMin: 90 },
} as unknown as Action;

describe('the slate', () => {
  it('says the first move of a hand large, what comes beside it in small, and the bans as signs', () => {
    const view = slateView(
      planOf({
        atOnce: atOnce({
          actions: [
            { text: 'Gloves on: it is a body fluid.', verbs: ['protect'] },
            { text: 'Blot a minute.', verbs: ['blot'] },
            { text: 'Keep it damp.', verbs: ['keepWet'] },
          ],
          donts: [
            'No soap bar: soap sets tannin.',
            'No dryer and no iron before it is gone.',
            'No rinsing while it is wet.',
          ],
          handsOnMin: 4,
        }),
      }),
      null,
      say,
    );
    expect(view).toMatchObject({
      name: 'At once',
      label: 'At once, 4\u00a0min',
      verb: 'Blot a minute',
      guards: ['Gloves on: it is a body fluid.'],
      line: 'Keep it damp.',
      bans: ['no soap bar', 'no dryer, no iron', 'no rinsing while it is wet'],
      isLoud: false,
    });
  });
  it('guards come before the first step too, where nothing else is urgent', () => {
    const step = { methodId: 'dryVacuum', handsOnMin: 9, actions: [] };
    const mask = atOnce({ actions: [{ text: 'Fine mask on.', verbs: ['protect'] }] });
    expect(slateView(planOf({ atOnce: mask, rounds: [{ passes: [step] }] }), null, say)).toMatchObject({
      name: 'First',
      guards: ['Fine mask on.'],
      verb: 'dryVacuum',
    });
  });
  it('guards are said too where nothing is for home', () => {
    const gloves = atOnce({ actions: [{ text: 'Gloves on.', verbs: ['protect'] }] });
    const facts = { piece: { itemId: 'linedCoat' }, markIds: ['vomit'] };
    expect(slateView(planOf({ atOnce: gloves, facts }), null, say)).toMatchObject({
      name: 'Not at home',
      guards: ['Gloves on.'],
    });
  });
  it('is one word while little is told', () => {
    const first = atOnce({ actions: [{ text: 'Blot from outside in.', verbs: ['blot'] }] });
    expect(slateView(undefined, first, say)).toMatchObject({
      verb: 'Press',
      line: 'Blot from outside in.',
      isLoud: true,
    });
  });
  it('names the first step where nothing is urgent, and says so where nothing is for home', () => {
    const step = { methodId: 'oxygenSoak', handsOnMin: 9, actions: [mix, soak] };
    expect(slateView(planOf({ rounds: [{ passes: [step] }] }), null, say)).toMatchObject({
      name: 'First',
      verb: 'oxygenSoak',
      line: '45\u00a0g oxygenBleach, in 6 L at\u00a040 °C, 90\u00a0min.',
    });
    expect(slateView(planOf({}), null, say)).toMatchObject({
      name: 'Not at home',
      verb: 'No home method',
    });
    expect(slateView(undefined, null, say)).toBeNull();
  });
});

describe('a step', () => {
  it('stands in water where it is a bath, not in a drum', () => {
    const pass = (phase: RoundPass['phase']) => ({ phase, actions: [mix, soak] }) as unknown as RoundPass;
    expect(waterOf(pass('bath'), say)).toEqual({ warmth: '40 °C', time: '90\u00a0min' });
    expect(waterOf(pass('wash'), say)).toBeNull();
  });
  it('names what holds its bath down only where it is as warm as the piece allows', () => {
    const bathOf = (phase: RoundPass['phase']) => ({ phase, actions: [mix, soak] }) as unknown as RoundPass;
    const limitedTo = (maxC: number, longC?: number) => {
      const by = (tempC: number, sign: string) => ({
        maxC: tempC,
        owner: { kind: 'label', sign },
        sourceIds: [],
      });
      const longSoak = longC === undefined ? undefined : by(longC, 'handWash');
      return { tempC: { max: maxC, limits: [by(maxC, 'wash')], longSoak } } as unknown as Envelope;
    };
    expect(limitOf(bathOf('bath'), limitedTo(40), say)).toBe('limit: sewn-in label');
    expect(limitOf(bathOf('bath'), limitedTo(60), say)).toBeNull();
    expect(limitOf(bathOf('bath'), limitedTo(60, 40), say)).toBe('limit: hand-wash sign');
    expect(limitOf(bathOf('wash'), limitedTo(40), say)).toBeNull();
  });
  it('has its hidden test in a row of its own, its conditions before its figures, and what to buy with its name', () => {
    const apply = { ...mix, kind: 'apply', notes: ['Dab it in. Keep the rest dry.'] } as unknown as Action;
    const test = { ...mix, kind: 'hiddenTest' } as unknown as Action;
    const pass = {
      phase: 'local',
      methodId: 'dab',
      actions: [test, apply],
      between: { way: 'none' },
      stop: null,
      expect: 'It fizzes.',
      checks: [{ id: 'isOld', text: 'it is old', when: 'beforeStep' }],
      advice: [],
      opensAfterTest: false,
      missingAgentIds: ['vinegar'],
    } as unknown as RoundPass;
    expect(stepLines(pass, say, { passes: [], offset: 0 })).toBe('Dab it in. Keep the rest dry. It fizzes.');
    expect(stepLines({ ...pass, opensAfterTest: true }, say, { passes: [], offset: 0 })).toMatch(
      /^Only after the hidden water test/,
    );
  });
  it('says each caution once, at the first step it belongs to', () => {
    const of = (...cautionIds: string[]) => ({ cautionIds });
    expect(cautionsByStep([of('gloves', 'gas'), of('gas', 'hot'), of('gloves')])).toEqual([
      ['gloves', 'gas'],
      ['hot'],
      [],
    ]);
  });
});

describe('a plan under way', () => {
  const look = { of: [0], passIndex: 0, leftPct: 25 };
  const run = {
    plan: {
      passes: [
        { passId: 'r1p1', methodId: 'soak' },
        { passId: 'r1p2', methodId: 'wash' },
        { passId: 'r1p3', methodId: 'sun' },
      ],
    },
    state: { passIndex: 1, times: [1, 1, 0], setAside: [], status: 'active', looks: [look] },
  } as unknown as RunView;
  it('has what is done, and what was seen after it', () => {
    expect(progressOf({ id: 'r1p1', methodId: 'soak' }, run)).toEqual({ isDone: true, seen: 0.75 });
    expect(progressOf({ id: 'r1p2', methodId: 'wash' }, run)).toEqual({ isDone: false, seen: null });
  });
  it('knows nothing of a step the run has not begun, left out, or has as another', () => {
    const nothing = { isDone: false, seen: null };
    expect(progressOf({ id: 'r1p3', methodId: 'sun' }, run)).toEqual(nothing);
    expect(progressOf({ id: 'r1p1', methodId: 'sun' }, run)).toEqual(nothing);
    expect(progressOf({ id: 'r1p1', methodId: 'soak' }, undefined)).toEqual(nothing);
    const leftOut = { ...run, state: { ...run.state, setAside: [0] } } as unknown as RunView;
    expect(progressOf({ id: 'r1p1', methodId: 'soak' }, leftOut)).toEqual(nothing);
  });
});

describe('the times of a round', () => {
  const at = (likely: number) => ({ startMin: { low: 0, likely, high: 0 } });
  const round = {
    passes: [at(0), at(20), at(120)],
    drying: { minutes: { low: 60, likely: 180, high: 400 } },
    handsOnMin: 27,
    totalMin: { low: 0, likely: 200, high: 0 },
  } as unknown as Parameters<typeof roundTimes>[0];
  it('are clock times from now, with the day where another begins', () => {
    const times = roundTimes(round, new Date(2026, 5, 13, 22, 30).getTime());
    expect(times.steps).toEqual([
      { time: '22:30', day: null },
      { time: '22:50', day: null },
      { time: '00:30', day: 'Sun' },
    ]);
    expect(times.dryAt).toEqual({ time: '01:50', day: null });
    expect(times).toMatchObject({ hands: '27\u00a0min', ready: 'Sun 04:50' });
  });
  it.each([
    [0.2, '1 min'],
    [59, '59 min'],
    [61, '1 h'],
    [382, '6 h 20'],
    [1500, '1 d 1 h'],
  ])('%d minutes read as %s', (minutes, text) => {
    expect(minutesText(minutes).replaceAll('\u00a0', ' ')).toBe(text);
  });
});
