import { CHEMISTRIES, type Condition } from '@feverfew/knowledge';
import { describe, expect, it } from 'vitest';
import { indexKnowledge } from '../../lookup/knowledgeIndex.js';
import { knowledge, label, limitsOf, piece, pieceOfParts, tried, trouble } from '../../test/fixtures.js';
import type { CareLabel } from '../../textile/careLabel.js';
import { BLANK_LABEL } from '../../textile/careLabel.js';
import type { PieceFacts } from '../../textile/piece.js';
import { drawEnvelope, OPEN_PH } from '../drawEnvelope.js';
import { windowOf } from '../envelope.js';
import { allowsOxygen, borneAlone, borneWithLabel, ruleByTag } from '../labelPermission.js';
import type { Limit } from '../limit.js';
import { colourLimits } from './colourLimits.js';
import { conditionLimits } from './conditionLimits.js';
import { constructionLimits } from './constructionLimits.js';
import { fibreLimits } from './fibreLimits.js';
import { labelLimits } from './labelLimits.js';
import { metalLimits } from './metalLimits.js';
import { partLimits } from './partLimits.js';

/*
 * Each fact with all it forbids, and no more. Grounds: signs of a tag by ISO 3758, recalled; the rest common practice
 * of textile care, no source, unless the line names another.
 */

const index = indexKnowledge(knowledge);

/** A limit in a few words: "chlorine never", "tempC 60", "no sun". */
function inShort(limit: Limit): string {
  switch (limit.quantity) {
    case 'tempC':
      return `tempC ${limit.maxC}${limit.soakOverMin === undefined ? '' : ` over ${limit.soakOverMin} min`}`;
    case 'pH':
      return `pH ${limit.min}-${limit.max}, acid ${limit.weakAcidBrieflyMin}`;
    case 'drying':
      return `no ${limit.forbids}`;
    case 'chemistry':
      return `${limit.chemistry} ${limit.verdict}`;
    default:
      return `${limit.quantity} ${limit.most}`;
  }
}
const shortly = (limits: readonly Limit[]) => limits.map(inShort).sort();
const sorted = (...words: string[]) => [...words].sort();
const on = (chemistries: string, verdict: string) =>
  chemistries.split(' ').map((chemistry) => `${chemistry} ${verdict}`);

describe('the tag', () => {
  /** Nothing on it but this. */
  const only = (change: Partial<CareLabel>) =>
    labelLimits(
      piece(
        'tableLinen',
        { cotton: 100 },
        { label: { ...BLANK_LABEL, bleach: 'any', tumble: 'normal', ...change } },
      ),
      false,
    );
  const machine = (maxC: 30 | 40 | 60 | 95, bars: 0 | 1 | 2) =>
    ({ wash: { kind: 'machine', maxC, bars } }) as const;

  it.each([
    ['60 without a bar', machine(60, 0), ['tempC 60', 'programme normal']],
    ['40 with one bar', machine(40, 1), ['tempC 40', 'programme mild']],
    ['30 with two bars', machine(30, 2), ['tempC 30', 'programme veryMild']],
    ['a hand', { wash: { kind: 'hand' } }, ['tempC 40', 'programme hand']],
    ['a hand at 30', { wash: { kind: 'hand', maxC: 30 } }, ['tempC 30', 'programme hand']],
    ['a crossed tub', { wash: { kind: 'never' } }, ['wetting spot', 'programme none']],
    ['no tub', { wash: null }, ['programme mild']],
  ] as [string, Partial<CareLabel>, string[]][])('%s', (_, change, limits) => {
    expect(shortly(only(change))).toEqual(sorted(...limits));
  });

  it.each([
    ['an open triangle', 'any', []],
    ['a striped triangle', 'oxygenOnly', ['chlorine never']],
    ['a crossed triangle', 'never', ['chlorine never', 'peroxide never', 'percarbonate never']],
    ['no triangle', null, ['chlorine never']],
  ] as [string, CareLabel['bleach'], string[]][])('%s', (_, bleach, limits) => {
    expect(shortly(only({ ...machine(60, 0), bleach }))).toEqual(
      sorted('tempC 60', 'programme normal', ...limits),
    );
  });

  it.each([
    ['a crossed drum', { tumble: 'never' }, ['no tumbleLow', 'no tumbleNormal']],
    ['a drum with one dot', { tumble: 'low' }, ['no tumbleNormal']],
    ['a drum with two dots', { tumble: 'normal' }, []],
    ['no drum', { tumble: null }, ['no tumbleLow', 'no tumbleNormal']],
    ['two strokes in the corner', { shade: true }, ['no sun']],
    ['a flat stroke', { natural: 'flat' }, ['no line']],
    ['dripping flat', { natural: 'dripFlat' }, ['no line']],
    ['a line', { natural: 'line' }, []],
    ['dripping on a line', { natural: 'drip' }, []],
    [
      'a crossed circle',
      { dryClean: 'never' },
      ['hydrocarbon never', 'ketone never', 'ester never', 'alcohol test'],
    ],
    ['a circle with P', { dryClean: 'P' }, []],
    ['a circle with F', { dryClean: 'F' }, []],
  ] as [string, Partial<CareLabel>, string[]][])('%s', (_, change, limits) => {
    expect(shortly(only({ ...machine(60, 0), ...change }))).toEqual(
      sorted('tempC 60', 'programme normal', ...limits),
    );
  });

  it('that is missing is taken carefully, but not on furniture with a code', () => {
    const bare = piece('tableLinen', { cotton: 100 });
    expect(shortly(labelLimits(bare, false))).toEqual(
      sorted('programme mild', 'chlorine never', 'no tumbleNormal', 'no tumbleLow'),
    );
    expect(labelLimits(bare, false).every(({ owner }) => owner.kind === 'noLabel')).toBe(true);
    expect(labelLimits(bare, true)).toEqual([]);
  });

  it('owns its limits by their sign, with its degrees', () => {
    const owners = only({ ...machine(40, 1), bleach: 'never', tumble: 'low', shade: true, dryClean: 'never' })
      .map(({ owner }) => owner)
      .flatMap((owner) => (owner.kind === 'label' ? [`${owner.sign} ${owner.tempC ?? ''}`.trim()] : []));
    expect([...new Set(owners)]).toEqual(['wash 40', 'bleachNever', 'tumbleLow', 'shade', 'dryCleanNever']);
    expect(only(machine(60, 0))[0]?.sourceIds).toContain('iso3758');
    expect(only({ wash: { kind: 'hand', maxC: 30 } })[0]?.owner).toMatchObject({
      sign: 'handWash',
      tempC: 30,
    });
    expect(only({ ...machine(60, 0), bleach: 'oxygenOnly' })[2]?.owner).toMatchObject({
      sign: 'bleachOxygenOnly',
    });
    expect(only({ ...machine(60, 0), natural: 'flat' })[2]?.owner).toMatchObject({ sign: 'flat' });
    expect(only({ ...machine(60, 0), tumble: 'never' })[2]?.owner).toMatchObject({ sign: 'tumbleNever' });
    expect(only({ wash: { kind: 'never' } })[0]?.owner).toMatchObject({ sign: 'washNever' });
  });
});

describe('the state of a piece', () => {
  const of = (condition: Condition) => shortly(conditionLimits(piece('tableLinen', {}, { condition })));
  const noDryer = ['no tumbleNormal', 'no tumbleLow', 'chlorine never'];
  const dissolving = on('peroxide percarbonate reducer alcohol ketone ester hydrocarbon oxalicAcid', 'never');

  it('forbids nothing while it is sound, or worn by use', () => {
    expect(of('sound')).toEqual([]);
    expect(of('worn')).toEqual([]);
  });
  it('torn: no rubbing, the gentlest drum, no dryer, no chlorine; all else as before', () => {
    expect(of('torn')).toEqual(sorted('action press', 'programme veryMild', ...noDryer));
  });
  it('thinning: besides, nothing that bleaches, strips, dissolves or eats rust', () => {
    expect(of('thinning')).toEqual(sorted('action press', 'programme veryMild', ...noDryer, ...dissolving));
  });
  it('antique: by hand, 30 °C, pH 4 to 8.5, out of the sun, no alkali; every other product is tried hidden first', () => {
    const never = [...dissolving, ...on('ammonia strongAlkali', 'never')];
    const named = ['chlorine never', ...never].map((words) => words.split(' ')[0]);
    // Chlorine is never, and tested like the rest: the first wins.
    const tests = CHEMISTRIES.filter(
      (chemistry) => chemistry !== 'water' && (chemistry === 'chlorine' || !named.includes(chemistry)),
    );
    expect(of('antique')).toEqual(
      sorted(
        'action press',
        'programme hand',
        'tempC 30',
        'pH 4-8.5, acid 4',
        'no sun',
        ...noDryer,
        ...never,
        ...tests.map((chemistry) => `${chemistry} test`),
      ),
    );
  });
  it('irreplaceable: everything but water is tried hidden first, and nothing but chlorine is barred', () => {
    expect(of('irreplaceable')).toEqual(
      sorted(
        'action softBrush',
        'programme mild',
        ...noDryer,
        ...CHEMISTRIES.filter((chemistry) => chemistry !== 'water').map((chemistry) => `${chemistry} test`),
      ),
    );
  });
  it('is the owner of what it forbids, asked twice too', () => {
    const once = conditionLimits(piece('tableLinen', {}, { condition: 'torn' }));
    expect(once.every(({ owner }) => owner.kind === 'condition' && owner.condition === 'torn')).toBe(true);
    expect(conditionLimits(piece('tableLinen', {}, { condition: 'torn' }))).toBe(once);
  });
});

describe('the colour', () => {
  const of = (colour: PieceFacts['colour'], fastness: PieceFacts['fastness']) =>
    shortly(colourLimits(piece('tableLinen', {}, { colour, fastness })));
  const solvents = on('alcohol ketone ester hydrocarbon', 'test');
  const untested = on(
    'peroxide percarbonate alcohol ketone ester hydrocarbon weakAcid dyeSuspender ammonia strongAlkali oxalicAcid',
    'test',
  );

  it('forbids nothing on white', () => {
    expect(of('white', 'unknown')).toEqual([]);
  });
  it.each([
    ['natural', []],
    ['pale', []],
    ['multicoloured', ['no sun']],
  ] as const)('%s and proven fast: a reducer and solvents are tried first', (colour, more) => {
    expect(of(colour, 'proven')).toEqual(sorted('chlorine never', 'reducer test', ...solvents, ...more));
  });
  it.each(['mid', 'dark', 'unknown'] as const)(
    '%s: out of the sun, and a reducer takes the dye',
    (colour) => {
      expect(of(colour, 'proven')).toEqual(sorted('chlorine never', 'reducer never', 'no sun', ...solvents));
      expect(of(colour, 'unknown')).toEqual(sorted('chlorine never', 'reducer never', 'no sun', ...untested));
    },
  );
  it('that has bled once: 30 °C, no oxygen bath, no ammonia, no solvent, no alkali', () => {
    expect(of('pale', 'failed')).toEqual(
      sorted(
        'chlorine never',
        'reducer never',
        'tempC 30',
        ...on('percarbonate ammonia strongAlkali alcohol ketone ester', 'never'),
        ...on('peroxide weakAcid dyeSuspender hydrocarbon', 'test'),
      ),
    );
  });
  it('owns what it forbids', () => {
    const [limit] = colourLimits(piece('tableLinen', {}, { colour: 'dark', fastness: 'failed' }));
    expect(limit).toMatchObject({
      owner: { kind: 'colour', colour: 'dark', fastness: 'failed' },
      protects: 'piece',
    });
  });
});

describe('metal on a piece', () => {
  it('holds an oxygen bath to half an hour: it rusts, and pinholes the cloth', () => {
    const limits = metalLimits(piece('tableLinen', {}, { metalParts: true }));
    expect(shortly(limits)).toEqual(['percarbonate limited', 'peroxide limited']);
    expect(limits.every((limit) => limit.quantity === 'chemistry' && limit.bounds.maxDwellMin === 30)).toBe(
      true,
    );
    expect(metalLimits(piece('tableLinen', {}))).toEqual([]);
  });
});

describe('the make of a piece', () => {
  const of = (
    itemId: string,
    facts: Partial<PieceFacts> = {},
    fibres: Record<string, number> = { cotton: 100 },
  ) => constructionLimits(piece(itemId, fibres, facts), index.items.get(itemId));
  const has = (limits: readonly Limit[], ...words: string[]) => {
    for (const word of words) expect(shortly(limits)).toContain(word);
  };

  it('of a kind that is not known forbids nothing', () => {
    expect(constructionLimits(piece('tableLinen', {}), undefined)).toEqual([]);
  });
  it('of plain linen bears everything', () => {
    expect(shortly(of('tableLinen'))).toEqual(
      sorted('wetting immersion', 'programme normal', 'action firmBrush'),
    );
  });
  it('too heavy for the drum of a house: by hand, for the drum and for the back', () => {
    const heavy = of('tableLinen', { dryMassG: 5000 }).filter(({ owner }) => owner.kind === 'weight');
    expect(heavy).toMatchObject([{ most: 'hand', protects: 'both', owner: { massG: 5000 } }]);
    expect(of('tableLinen', { dryMassG: 4999 }).some(({ owner }) => owner.kind === 'weight')).toBe(false);
    expect(of('tableLinen').some(({ owner }) => owner.kind === 'weight')).toBe(false);
  });
  it('filled: 40 °C at most unless its tag names a wash', () => {
    has(of('pillow'), 'tempC 40');
    expect(shortly(of('pillow', { label: label(60) }))).not.toContain('tempC 40');
    const noWash = { ...label(60), wash: { kind: 'never' } } as CareLabel;
    has(of('pillow', { label: noWash }), 'tempC 40');
  });
  it('lined: on a spot, unless its tag allows a wash; then very mildly', () => {
    has(of('linedDress'), 'wetting spot');
    has(of('linedDress', { label: label(30) }), 'wetting immersion', 'programme veryMild');
    has(of('linedDress', { label: { ...label(30), wash: { kind: 'hand' } } }), 'wetting immersion');
    has(of('linedDress', { label: { ...label(30), wash: { kind: 'never' } } }), 'wetting spot');
    // A waistcoat has canvas and padding in it: no tag opens it.
    has(of('waistcoat', { label: label(30) }), 'wetting spot');
  });
  it.each([
    ['W', null, 'wetting surface', []],
    ['WS', null, 'wetting surface', []],
    ['S', null, 'wetting dry', []],
    ['X', null, 'wetting dry', ['water never', 'detergent never', 'absorbent never']],
    ['X', 'passed', 'wetting dry', ['water never', 'absorbent never']],
    ['S', 'passed', 'wetting dry', []],
    ['unknown', null, 'wetting dry', ['water never', 'detergent never']],
    ['unknown', 'failed', 'wetting dry', ['water never']],
    ['unknown', 'passed', 'wetting surface', []],
    [null, null, 'wetting dry', ['water never']],
  ] as const)('with code %s, hidden test %s: %s', (code, waterTest, wetting, never) => {
    const ofCode = of('armchair', { code, waterTest }, { polyester: 100 }).filter(
      ({ owner }) => owner.kind === 'code',
    );
    expect(shortly(ofCode.filter(({ quantity }) => quantity === 'wetting'))).toEqual([wetting]);
    const barred = shortly(ofCode.filter(({ quantity }) => quantity === 'chemistry'));
    for (const one of never) expect(barred).toContain(one);
    if (never.length === 0) expect(barred).toEqual([]);
    // Dry powder may be tried where nothing is known; on X nothing at all.
    expect(barred.includes('absorbent never')).toBe(code === 'X');
  });
  it('of silk where the make is a professional’s then: nothing wet, no agent at all', () => {
    const { id = '' } = knowledge.items.find((item) => item.professionalFibreIds.includes('silk')) ?? {};
    const silk = of(id, {}, { silk: 100 });
    has(silk, 'wetting dry', 'water never', 'absorbent never');
    expect(shortly(of(id, {}, { polyester: 100 }))).not.toContain('water never');
    has(of(id, {}, { polyester: 95, silk: 5 }), 'water never');
  });
});

describe('a part', () => {
  const of = (names: readonly string[]) =>
    partLimits(
      pieceOfParts('shirt', Object.fromEntries(names.map((name) => [name, { cotton: 100 }]))),
      index,
    );

  it('forbids what its kind forbids, once for parts of one name; a name that is no kind forbids nothing', () => {
    expect(of(['whole piece'])).toEqual([]);
    expect(of(['moonbeam'])).toEqual([]);
    for (const part of knowledge.parts) {
      const expected = [
        ...(part.mostWetting ? [`wetting ${part.mostWetting}`] : []),
        ...(part.mostAction ? [`action ${part.mostAction}`] : []),
        ...part.chemistry.map(({ chemistry, verdict }) => `${chemistry} ${verdict}`),
        ...part.drying.map(({ forbids }) => `no ${forbids}`),
      ];
      const limits = of([part.name]);
      expect(shortly(limits), part.name).toEqual(sorted(...expected));
      expect(limits.every(({ owner }) => owner.kind === 'part' && owner.partId === part.id)).toBe(true);
    }
  });
  it('does not mind the order of the parts', () => {
    const names = knowledge.parts.slice(0, 5).map(({ name }) => name);
    expect(of([...names].reverse())).toEqual(of(names));
  });
});

describe('a fibre', () => {
  const of = (fibres: Record<string, number>, facts: Partial<PieceFacts> = {}) =>
    fibreLimits(piece('shirt', fibres, facts), index);
  const tempOf = (limits: readonly Limit[]) =>
    limits.flatMap((limit) =>
      limit.quantity === 'tempC' && limit.soakOverMin === undefined ? [limit.maxC] : [],
    );

  // Cotton: boiled white, 60 coloured; without a tag 60 and 40.
  it.each([
    ['white', label(95), 95],
    ['dark', label(95), 95],
    ['dark', label(40), 60],
    ['white', label(40), 95],
    ['white', null, 60],
    ['dark', null, 40],
    ['white', { ...label(60), wash: { kind: 'hand' } }, 60],
  ] as [PieceFacts['colour'], CareLabel | null, number][])(
    'cotton, %s: the tag widens what it bears, and never narrows it',
    (colour, tag, maxC) => {
      expect(tempOf(of({ cotton: 100 }, { colour, label: tag }))).toEqual([maxC]);
    },
  );
  it('wool bears 30 °C and a hand wash; a tag with a machine opens a mild one, for it felts', () => {
    const bare = shortly(of({ wool: 100 }));
    expect(bare).toContain('tempC 30');
    expect(bare).toContain('programme hand');
    expect(bare).toContain('pH 4-8.5, acid 2');
    const tagged = shortly(of({ wool: 100 }, { label: label(40) }));
    expect(tagged).toContain('tempC 40');
    expect(tagged).toContain('programme mild');
    expect(shortly(of({ polyester: 100 }, { label: label(40) }))).toContain('programme normal');
  });
  it('at a small share still forbids; what is not named counts as the unknown fibre', () => {
    expect(
      of({ cotton: 98, elastane: 2 }).some(
        ({ owner }) => owner.kind === 'fibre' && owner.fibreId === 'elastane',
      ),
    ).toBe(true);
    const ownersOf = (limits: readonly Limit[]) => [
      ...new Set(limits.flatMap(({ owner }) => (owner.kind === 'fibre' ? [owner.fibreId] : []))),
    ];
    expect(ownersOf(of({}))).toEqual(['unknownFibre']);
    expect(ownersOf(fibreLimits({ ...piece('shirt', {}), parts: [] }, index))).toEqual(['unknownFibre']);
    expect(of({ moonsilk: 100 })).toEqual([]);
  });
  it('has a cooler limit in a long soak where it loses its stretch', () => {
    const soak = of({ elastane: 100 }).find(
      (limit) => limit.quantity === 'tempC' && limit.soakOverMin !== undefined,
    );
    expect(soak).toMatchObject({ maxC: 40, soakOverMin: 120 });
    expect(
      of({ cotton: 100 }).some((limit) => limit.quantity === 'tempC' && limit.soakOverMin !== undefined),
    ).toBe(false);
  });
  it('that water marks is dry, or damp where it lies beneath', () => {
    const { id: fibreId = '' } = knowledge.fibres.find(({ waterSensitive }) => waterSensitive) ?? {};
    const { name: beneath = '' } = knowledge.parts.find((part) => part.beneath) ?? {};
    const wettingOf = (part: string) =>
      fibreLimits(pieceOfParts('cushion', { [part]: { [fibreId]: 100 } }), index).flatMap((limit) =>
        limit.quantity === 'wetting' ? [limit.most] : [],
      );
    expect(wettingOf('whole piece')).toContain('dry');
    expect(wettingOf(beneath)).toContain('surface');
    expect(wettingOf(beneath)).not.toContain('dry');
  });
  it('does not mind the order of entry', () => {
    const one = pieceOfParts('waistcoat', { shell: { wool: 80, polyamide: 20 }, lining: { viscose: 100 } });
    const other = pieceOfParts('waistcoat', { lining: { viscose: 100 }, shell: { polyamide: 20, wool: 80 } });
    expect(fibreLimits(one, index)).toEqual(fibreLimits(other, index));
  });
  it('foam that is thin and worn goes by its tag, and by itself without one', () => {
    const wetting = (tag: CareLabel | null) =>
      fibreLimits(piece('underwear', { foam: 100 }, { label: tag }), index).flatMap((limit) =>
        limit.quantity === 'wetting' ? [limit.most] : [],
      );
    expect(wetting(null).length).toBeGreaterThan(0);
    expect(wetting(label(30))).toEqual([]);
  });
});

describe('what a tag permits', () => {
  it('is oxygen where its triangle is open or striped', () => {
    expect(allowsOxygen({ label: label(60, 'any') })).toBe(true);
    expect(allowsOxygen({ label: label(60, 'oxygenOnly') })).toBe(true);
    expect(allowsOxygen({ label: label(60, 'never') })).toBe(false);
    expect(allowsOxygen({ label: null })).toBe(false);
  });
  it('opens a rule of a fibre: oxygen by the triangle, a hot iron by the iron, each within its bounds', () => {
    const rule = (chemistry: 'percarbonate' | 'contactHeat' | 'chlorine') => ({
      chemistry,
      verdict: 'never' as const,
      whereLabelAllows: { maxDwellMin: 20 },
      protects: 'piece' as const,
      sourceIds: [],
    });
    const open = { label: { ...label(40, 'oxygenOnly'), iron: 'low' } } as const;
    expect(ruleByTag(rule('percarbonate'), open)).toMatchObject({
      verdict: 'limited',
      bounds: { maxDwellMin: 20 },
    });
    expect(ruleByTag(rule('contactHeat'), open)).toMatchObject({
      verdict: 'test',
      bounds: { maxDwellMin: 20 },
    });
    expect(ruleByTag(rule('chlorine'), open)).toMatchObject({ verdict: 'never' });
    const shut = { label: { ...label(40, 'never'), iron: 'never' } } as const;
    expect(ruleByTag(rule('percarbonate'), shut).verdict).toBe('never');
    expect(ruleByTag(rule('contactHeat'), shut).verdict).toBe('never');
    const { whereLabelAllows: _, ...plain } = rule('percarbonate');
    expect(ruleByTag(plain, open)).toBe(plain);
  });
  it('lets a small share of a fibre bear what all of it does not', () => {
    const chemistry = knowledge.fibres.flatMap((fibre) =>
      fibre.chemistry.flatMap((rule) => (rule.upToShare ? [{ fibre, rule, share: rule.upToShare }] : [])),
    );
    expect(chemistry.length).toBeGreaterThan(0);
    for (const { fibre, rule, share } of chemistry) {
      const verdictAt = (pct: number) =>
        borneWithLabel(fibre, piece('shirt', { [fibre.id]: pct }), pct).chemistry.find(
          (one) => one.chemistry === rule.chemistry,
        )?.verdict;
      expect(verdictAt(share.pct), fibre.id).toBe(share.verdict);
      expect(verdictAt(share.pct + 1), fibre.id).toBe(rule.verdict);
    }
  });
  it('opens the bath of oxygen of a fibre that needs its word', () => {
    const fibre = knowledge.fibres.find(({ pH }) => pH.oxygenNeedsLabel && pH.oxygenMax > pH.max);
    if (!fibre) throw new Error('No fibre waits for the word of a tag.');
    const max = (bleach: 'never' | 'oxygenOnly') =>
      borneWithLabel(fibre, piece('shirt', { [fibre.id]: 100 }, { label: label(40, bleach) }), 100)
        .oxygenMaxPH;
    expect(max('never')).toBe(fibre.pH.max);
    expect(max('oxygenOnly')).toBe(fibre.pH.oxygenMax);
    expect(borneAlone(fibre, piece('shirt', {}, { label: label(40, 'oxygenOnly') })).oxygenMaxPH).toBe(
      fibre.pH.max,
    );
  });
});

describe('soils, solvents and views', () => {
  const cloth = piece('tableLinen', { cotton: 100 }, { label: label(60, 'any') });
  const owned = (limits: readonly Limit[], kind: string) => limits.filter(({ owner }) => owner.kind === kind);
  const dryer = (limits: readonly Limit[]) =>
    limits.filter(({ protects, quantity }) => quantity === 'drying' && protects === 'person');

  it('keep oil and what burns out of the dryer, once for each, for people', () => {
    const oil = dryer(limitsOf(trouble('saladOil', cloth)));
    expect(new Set(shortly(oil))).toEqual(new Set(['no tumbleLow', 'no tumbleNormal']));
    expect(oil.length).toBe(2 * new Set(oil.map(({ owner }) => JSON.stringify(owner))).size);
    expect(dryer(limitsOf(trouble('redWine', cloth)))).toEqual([]);
  });
  it('a solvent that was tried keeps it out of the dryer for good; what washes out does not', () => {
    const after = (agentId: string, washedOut: 'yes' | 'no') =>
      dryer(
        limitsOf(
          trouble('redWine', cloth, { tried: tried(agentId).map((one) => ({ ...one, washedOut })) as never }),
        ),
      );
    expect(owned(after('mineralSpirits', 'yes'), 'tried')).toHaveLength(2);
    expect(owned(after('mineralSpirits', 'no'), 'tried')).toHaveLength(2);
    expect(after('vinegar', 'no')).toEqual([]);
  });
  it('a soil forbids once, however many troubles bring it', () => {
    const of = (...marks: string[]) => owned(limitsOf(trouble(marks, cloth)), 'soil');
    const one = shortly(of('egg'));
    expect(one).toContain('tempC 40');
    expect(shortly(of('egg', 'egg'))).toEqual(one);
  });
  it('of what is gone, only that which protects people is left', () => {
    const left = owned(
      limitsOf(trouble('humanUrine', cloth, { goneComponentIds: partsOf('humanUrine') })),
      'soil',
    );
    expect(left.every(({ protects }) => protects !== 'piece')).toBe(true);
    expect(left.some((limit) => limit.quantity === 'chemistry' && limit.chemistry === 'chlorine')).toBe(true);
  });
  it('a view that was chosen limits how it is worked, on its own kinds of piece', () => {
    const under = (itemId: string, positions: Record<string, string>) =>
      owned(limitsOf(trouble('redWine', piece(itemId, { cotton: 100 }), { positions })), 'position');
    expect(shortly(under('rug', { brushing: 'blotOnly' }))).toEqual(['action blot']);
    expect(shortly(under('lacePiece', { antiqueLace: 'laceProfessional' }))).toEqual(['wetting dry']);
    expect(under('tableLinen', { antiqueLace: 'laceProfessional' })).toEqual([]);
  });
});

const partsOf = (markId: string): string[] =>
  knowledge.marks.find(({ id }) => id === markId)?.components.map(({ componentId }) => componentId) ?? [];

describe('the tightest of all', () => {
  const ground = { owner: { kind: 'metal' }, protects: 'piece', sourceIds: ['commonPractice'] } as const;

  it('of degrees, the long soak apart; a soak that is not tighter is not named', () => {
    const heat = (maxC: number, soakOverMin?: number) =>
      ({
        ...ground,
        quantity: 'tempC',
        maxC,
        ...(soakOverMin === undefined ? {} : { soakOverMin }),
      }) as Limit;
    expect(drawEnvelope([heat(60), heat(40), heat(30, 120)]).tempC).toMatchObject({
      max: 40,
      limits: [{ maxC: 40 }, { maxC: 60 }],
      longSoak: { maxC: 30 },
    });
    expect(drawEnvelope([heat(40), heat(40, 120)]).tempC.longSoak).toBeUndefined();
    expect(drawEnvelope([heat(120)]).tempC.max).toBe(95);
  });
  it('of pH, at both ends; what says nothing of an acid on a spot is held by its weak acid', () => {
    const bath = (min: number, max: number, more: object = {}) =>
      ({ ...ground, quantity: 'pH', min, max, weakAcidBrieflyMin: min, ...more }) as Limit;
    const { pH } = drawEnvelope([
      bath(4, 8.5, { weakAcidBrieflyMin: 2.5, spotAcidMin: 1.2, oxygenMax: 10 }),
      bath(3, 12, { weakAcidBrieflyMin: 2 }),
    ]);
    expect(pH).toMatchObject({ min: 4, max: 8.5, weakAcidBrieflyMin: 2.5, spotAcidMin: 2, oxygenMax: 10 });
    expect(pH.limits.map(({ max }) => max)).toEqual([8.5, 12]);
    expect(drawEnvelope([bath(0, 14)]).pH).toMatchObject({ min: OPEN_PH.min, max: OPEN_PH.max });
  });
  it('of wetting, handling and drum, the gentlest first', () => {
    const { wetting, action, programme } = drawEnvelope([
      { ...ground, quantity: 'wetting', most: 'immersion' },
      { ...ground, quantity: 'wetting', most: 'spot' },
      { ...ground, quantity: 'action', most: 'firmBrush' },
      { ...ground, quantity: 'action', most: 'press' },
      { ...ground, quantity: 'programme', most: 'mild' },
      { ...ground, quantity: 'programme', most: 'hand' },
    ]);
    expect([wetting.most, action.most, programme.most]).toEqual(['spot', 'press', 'hand']);
    expect(wetting.limits.map(({ most }) => most)).toEqual(['spot', 'immersion']);
  });
  it('of a chemistry: never before limited before a test; each bound is the smallest of all', () => {
    const limit = (verdict: 'never' | 'limited' | 'test', bounds: object = {}) =>
      ({ ...ground, quantity: 'chemistry', chemistry: 'peroxide', verdict, bounds }) as Limit;
    const of = (...limits: Limit[]) => windowOf(drawEnvelope(limits), 'peroxide');
    expect(of(limit('test'), limit('limited'), limit('never')).verdict).toBe('never');
    expect(of(limit('test'), limit('limited')).verdict).toBe('limited');
    expect(of(limit('test')).verdict).toBe('test');
    expect(of().verdict).toBe('allowed');
    expect(
      of(
        limit('limited', { maxDwellMin: 30, maxTempC: 40 }),
        limit('limited', { maxDwellMin: 20, maxRounds: 2 }),
      ).bounds,
    ).toEqual({ maxDwellMin: 20, maxTempC: 40, maxRounds: 2 });
    expect(() => windowOf({ chemistry: [] }, 'peroxide')).toThrow('envelope without peroxide');
  });
  it('of drying: a way is open while nothing forbids it', () => {
    const { drying } = drawEnvelope([{ ...ground, quantity: 'drying', forbids: 'sun' }]);
    expect(drying.filter(({ allowed }) => !allowed).map(({ way }) => way)).toEqual(['sun']);
    expect(drying.find(({ way }) => way === 'sun')?.limits).toHaveLength(1);
    expect(drying.find(({ way }) => way === 'line')?.limits).toEqual([]);
  });
});
