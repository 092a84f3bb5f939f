import {
  type Action,
  BLANK_LABEL,
  type Catalogue,
  EMPTY_PIECE,
  type Household,
  type MixBath,
  type PieceSummary,
  type TableAnswer,
} from '@feverfew/contracts';
import { describe, expect, it } from 'vitest';
import { METRIC } from '../../app/useLexicon';
import {
  draftOfAction,
  draftToMix,
  draftToSearch,
  EMPTY_MIX_DRAFT,
  type MixDraft,
  onTableOf,
  searchToDraft,
} from '../../recipe/mixDraft';
import { answerLines } from './question/answerView';
import { belowText, pHBasis, pHText, sharesText } from './table/mixView';
import { unitOptions } from './table/unitOptions';

const say = {
  name: (id: string) => id,
  temp: (tempC: number) => `${Math.round(tempC)} °C`,
  volume: (mL: number) => `${Math.round(mL)} mL`,
};
const TAG = { maxC: 60, bars: 1, bleach: 'never' } as const;
const full: MixDraft = {
  container: { kind: 'vessel', vesselId: 'bucket' },
  waterML: 10_000,
  waterC: 40,
  pours: [
    { agentId: 'oxygenBleach', amount: 2.5, unit: 'cap', strengthPct: null },
    { agentId: 'peroxide', amount: 50, unit: 'mL', strengthPct: 12 },
  ],
  on: { kind: 'fibres', fibreIds: ['cotton', 'polyester'] },
  name: 'white & soft',
};

describe('a mix in the address of the page', () => {
  it.each([
    ['a full one', full],
    ['an empty one', EMPTY_MIX_DRAFT],
    ['one on a piece', { ...full, on: { kind: 'piece', pieceId: 'p1' } } as MixDraft],
    [
      'one on what a plan took it to be',
      { ...full, on: { kind: 'fibres', fibreIds: ['cotton'], colour: 'white', tag: TAG } } as MixDraft,
    ],
    ['one in a sprayer', { ...EMPTY_MIX_DRAFT, container: { kind: 'sprayer' } } as MixDraft],
  ])('comes back as it went: %s', (_name, draft) => {
    expect(searchToDraft(new URLSearchParams(draftToSearch(draft).toString()))).toEqual(draft);
  });
  it.each(['in=vessel', 'water=lots&warm=hot', 'pour=soap', 'pour=*5*g', 'pour=vinegar*x*mL'])(
    'a broken one opens an emptier table: %s',
    (search) => {
      expect(searchToDraft(new URLSearchParams(search))).toEqual(EMPTY_MIX_DRAFT);
    },
  );
  it('fills in what a plan took as usual, and never over what is known of the piece', () => {
    const planned = { colour: 'white', tag: TAG } as const;
    const cloth = draftToMix({ ...full, on: { kind: 'fibres', fibreIds: ['cotton'], ...planned } }, [])?.on;
    expect([cloth?.colour, cloth?.label?.wash]).toEqual(['white', { kind: 'machine', maxC: 60, bars: 1 }]);
    // A tag without its triangle would allow what it forbids.
    expect(cloth?.label?.bleach).toBe('never');
    const label = { ...BLANK_LABEL, wash: { kind: 'hand' } as const };
    const known = { ...EMPTY_PIECE, id: 'p1', colour: 'dark', label } as unknown as PieceSummary;
    const piece = draftToMix({ ...full, on: { kind: 'piece', pieceId: 'p1', ...planned } }, [known])?.on;
    expect([piece?.colour, piece?.label]).toEqual(['dark', label]);
  });
  it('takes the whole of a tag from a plan', () => {
    const label = { ...BLANK_LABEL, wash: { kind: 'machine', maxC: 60, bars: 1 }, bleach: 'never' } as const;
    const parts = [{ name: 'whole piece', fibres: [{ fibreId: 'cotton', sharePct: 100 }] }];
    expect(onTableOf(null, { parts, colour: 'white', label })).toMatchObject({ colour: 'white', tag: TAG });
  });
  it.each(['60', '60*1', '60*1*perhaps', '61*1*never', '60*3*never'])(
    'leaves out a tag that does not read whole: %s',
    (tag) => {
      const { on } = searchToDraft(new URLSearchParams({ fibre: 'cotton', tag }));
      expect(on).toEqual({ kind: 'fibres', fibreIds: ['cotton'] });
    },
  );
  it('makes cloth of the fibres in whole shares of 100 %, and waits for the pieces', () => {
    const three = { ...full, on: { kind: 'fibres', fibreIds: ['cotton', 'linen', 'viscose'] } } as MixDraft;
    const fibres = draftToMix(three, [])?.on?.parts[0]?.fibres ?? [];
    expect(fibres.reduce((sum, fibre) => sum + fibre.sharePct, 0)).toBe(100);
    const onPiece = { ...full, on: { kind: 'piece', pieceId: 'gone' } } as MixDraft;
    expect(draftToMix(onPiece, undefined)).toBeNull();
    expect(draftToMix(onPiece, [] as PieceSummary[])?.on).toBeNull();
  });
  it('is filled in from a step of a plan, cut-down bottles with their water', () => {
    const action = {
      kind: 'mix',
      vessel: { id: 'basin', name: '', volumeL: 9, fillL: 6 },
      bath: { waterL: 5.5 },
      waterML: null,
      tempC: { min: 30, max: 40, target: 40 },
      ingredients: [
        { agentId: 'oxygenBleach', massG: 42, volumeML: 42, strengthPct: null, dilution: null },
        {
          agentId: 'peroxide',
          massG: null,
          volumeML: 25,
          strengthPct: 12,
          dilution: { fromPct: 12, toPct: 3, waterML: 75 },
        },
        { agentId: 'water', massG: null, volumeML: 10, strengthPct: null, dilution: null },
      ],
    } as unknown as Action;
    expect(draftOfAction(action, { kind: 'nothing' }, 'soak')).toMatchObject({
      container: { vesselId: 'basin' },
      waterML: 5575,
      waterC: 40,
      pours: [
        { agentId: 'oxygenBleach', amount: 42, unit: 'g', strengthPct: null },
        { agentId: 'peroxide', amount: 25, unit: 'mL', strengthPct: 12 },
      ],
    });
  });
  it('holds it against a kept piece, else against its fibres, else against nothing', () => {
    const parts = [{ name: 'shell', fibres: [{ fibreId: 'wool', sharePct: 100 }] }];
    const bare = { colour: 'unknown', label: null } as const;
    expect(onTableOf('p1', { parts, ...bare })).toEqual({ kind: 'piece', pieceId: 'p1' });
    expect(onTableOf(null, { parts, ...bare })).toEqual({ kind: 'fibres', fibreIds: ['wool'] });
    expect(onTableOf(null, { parts: [], ...bare })).toEqual({ kind: 'nothing' });
  });
});

describe('measures to choose from', () => {
  it('start with the cap of the product, then exact ones, then those of the house', () => {
    const household = {
      tools: ['metricTablespoon', 'jug'],
      ownMeasures: [{ id: 'mug', name: 'bee mug', volumeML: 310 }],
      products: [{ agentId: 'oxygenBleach', capML: 30, labelDose: null }],
    } as unknown as Household;
    const powder = { id: 'oxygenBleach', isLiquid: false } as Catalogue['agents'][number];
    const units = unitOptions(powder, household).map((option) => option.unit);
    expect(units.slice(0, 6)).toEqual(['cap', 'g', 'kg', 'mL', 'metricTablespoon', 'own:mug']);
    expect(new Set(units).size).toBe(units.length);
  });
});

describe('figures in words', () => {
  const pH = {
    low: 9.96,
    likely: 10.14,
    high: 10.62,
    at25: 10.4,
    basis: 'computed',
    ionicStrength: 0.12,
    firm: true,
  } as const;
  it('say the pH between its bounds, and how it was found', () => {
    expect(pHText(pH)).toBe('pH 10.0 to 10.6, most likely 10.1');
    expect(pHText({ ...pH, basis: 'stated' })).toMatch(/as the product states/);
    expect(pHBasis(pH).join(' ')).toMatch(/ionic strength 0.12/);
    expect(pHBasis({ ...pH, firm: false }).join(' ')).toMatch(/roughly/);
  });
  it('pour cold first and the kettle last', () => {
    const shares = {
      coldL: 1,
      hotTapL: 5,
      kettleL: 1.7,
      kettles: 1,
      kettleHoldsL: 1.7,
      tempC: 55,
      reached: true,
    };
    expect(sharesText({ shares } as MixBath, say)).toBe(
      '1000 mL cold, then 5000 mL from the hot tap, then 1700 mL just boiled (all of your 1700 mL kettle)',
    );
  });
  it('say when it is below a temperature, or that it never is', () => {
    expect(belowText({ tempC: 40, minutes: { low: 180, likely: 250, high: 360 } }, say)).toBe(
      'below 40 °C after 3–6 h',
    );
    expect(belowText({ tempC: 30, minutes: null }, say)).toMatch(/stays above 30/);
  });
});

describe('answers of the table', () => {
  const measured = (volumeML: number) => ({ volumeML, massG: null, snapped: null });
  const lines = (question: Parameters<typeof answerLines>[0], answer: TableAnswer) =>
    answerLines(question, answer, say, METRIC).map((line) => line.replace(/\u00a0/g, ' '));
  it('put the figure first', () => {
    expect(
      lines(
        { kind: 'dilute', fromPct: 12, toPct: 3, finalML: 300 },
        { kind: 'dilute', cautionIds: [], product: measured(75), water: measured(225) },
      )[0],
    ).toBe('75 mL of the 12 % and 225 mL water');
    expect(
      lines(
        { kind: 'raise', waterL: 40, clothG: 0, fromC: 45, toC: 60 },
        {
          kind: 'raise',
          cautionIds: [],
          kettleL: 1.7,
          hotL: 17.1,
          kettles: 11,
          totalL: 57.1,
          dilution: 0.7,
          tapL: null,
        },
      ),
    ).toEqual(
      expect.arrayContaining([
        expect.stringMatching(/^11 kettles/),
        expect.stringMatching(/more kettles than is sensible/),
      ]),
    );
  });
  it('give no amounts for what must not be mixed', () => {
    const refused = lines(
      { kind: 'scale', items: [], fromL: 30, toL: 14 },
      {
        kind: 'refused',
        cautionIds: [],
        findings: [{ code: 'neverOffered', facts: { agentId: 'petrol' }, sourceIds: [] }],
      },
    );
    expect(refused.join(' ')).toMatch(/Not mixed.*Petrol/);
    expect(refused.join(' ')).not.toMatch(/ mL| g /);
  });
});
