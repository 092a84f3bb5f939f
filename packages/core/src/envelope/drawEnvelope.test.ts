import { MECHANICAL_ACTIONS, PROGRAMMES, WETTINGS } from '@feverfew/knowledge';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyFacts } from '../test/arbitraries.js';
import { cases, label, limitsOf, piece, trouble } from '../test/fixtures.js';
import type { TroubleFacts } from '../trouble/troubleFacts.js';
import { drawEnvelope, OPEN_PH, OPEN_TEMP_C } from './drawEnvelope.js';
import type { Envelope } from './envelope.js';

const envelopeOf = (facts: TroubleFacts) => drawEnvelope(limitsOf(facts));
const chemistry = (envelope: Envelope, name: string) =>
  envelope.chemistry.find((window) => window.chemistry === name);

describe('the envelope', () => {
  it('is wide open without a limit', () => {
    const open = drawEnvelope([]);
    expect(open.tempC.max).toBe(OPEN_TEMP_C);
    expect(open.pH).toMatchObject({ min: OPEN_PH.min, max: OPEN_PH.max, spotAcidMin: OPEN_PH.spotMin });
    expect(open.wetting.most).toBe('immersion');
    expect(open.chemistry.every((window) => window.verdict === 'allowed')).toBe(true);
  });

  it('names the label as owner of 60 °C on damask, and linen behind it', () => {
    const { tempC } = envelopeOf(cases.beetrootOnDamask);
    expect(tempC.max).toBe(60);
    expect(tempC.limits[0]?.owner).toMatchObject({ kind: 'label', sign: 'wash', tempC: 60 });
    expect(tempC.limits[1]?.owner).toMatchObject({ kind: 'fibre', fibreId: 'linen' });
  });

  it('lets two percent of elastane forbid chlorine and cool a long soak, the rest by the label', () => {
    const blend = envelopeOf(
      trouble('mildew', piece('tShirt', { cotton: 98, elastane: 2 }, { label: label(60, 'any') })),
    );
    expect(chemistry(blend, 'chlorine')).toMatchObject({ verdict: 'never' });
    expect(chemistry(blend, 'chlorine')?.limits[0]?.owner).toMatchObject({
      kind: 'fibre',
      fibreId: 'elastane',
      sharePct: 2,
    });
    expect(blend.tempC.max).toBe(60);
    expect(blend.tempC.longSoak).toMatchObject({ maxC: 40, owner: { fibreId: 'elastane' } });
  });

  it('joins the limits of shell and lining', () => {
    const coat = envelopeOf(cases.varnishOnAcetate);
    expect(chemistry(coat, 'ketone')?.limits[0]?.owner).toMatchObject({ fibreId: 'acetate', part: 'lining' });
    expect(coat.pH).toMatchObject({ min: 4.5, max: 8.5 });
  });

  it.each([
    ['X', 'dry'],
    ['S', 'dry'],
    ['unknown', 'dry'],
    [null, 'dry'],
    ['W', 'surface'],
    ['WS', 'surface'],
  ] as const)('takes code %s to mean %s at most', (code, most) => {
    expect(envelopeOf(trouble('berry', piece('armchair', { cotton: 100 }, { code }))).wetting.most).toBe(
      most,
    );
  });

  it('lets a crossed-out triangle forbid peroxygen as well as chlorine, a striped one only chlorine', () => {
    const crossed = envelopeOf(
      trouble('tea', piece('tableLinen', { linen: 100 }, { label: label(60, 'never') })),
    );
    const striped = envelopeOf(cases.beetrootOnDamask);
    expect(['chlorine', 'peroxide', 'percarbonate'].map((name) => chemistry(crossed, name)?.verdict)).toEqual(
      ['never', 'never', 'never'],
    );
    expect(['chlorine', 'peroxide', 'percarbonate'].map((name) => chemistry(striped, name)?.verdict)).toEqual(
      ['never', 'allowed', 'allowed'],
    );
  });

  it('lets a crossed-out tub forbid soaking and every programme', () => {
    const never = envelopeOf(
      trouble(
        'tea',
        piece('tableLinen', { linen: 100 }, { label: { ...label(60), wash: { kind: 'never' } } }),
      ),
    );
    expect(never.wetting.most).toBe('spot');
    expect(never.programme.most).toBe('none');
  });

  it('stops a hand-wash piece at 40 °C (ISO 3758)', () => {
    expect(
      envelopeOf(
        trouble(
          'tea',
          piece('tableLinen', { linen: 100 }, { label: { ...label(60), wash: { kind: 'hand' } } }),
        ),
      ).tempC.max,
    ).toBe(40);
  });

  it('is careful without a label: no dryer, no chlorine, mild at most', () => {
    const bare = envelopeOf(trouble('tea', piece('tableLinen', { linen: 100 })));
    expect(chemistry(bare, 'chlorine')?.verdict).toBe('never');
    expect(bare.programme.most).toBe('mild');
    expect(bare.drying.find((window) => window.way === 'tumbleLow')?.allowed).toBe(false);
  });

  it('keeps an antique at 30 °C, pH 8.5 and pressing', () => {
    const antique = envelopeOf(
      trouble('tea', piece('tableLinen', { linen: 100 }, { label: label(60), condition: 'antique' })),
    );
    expect(antique.tempC.max).toBe(30);
    expect(antique.pH.max).toBe(8.5);
    expect(antique.action.most).toBe('press');
  });

  it('holds a protein mark to 40 °C, blood too, while it is there', () => {
    expect(
      envelopeOf(trouble('egg', piece('tableLinen', { linen: 100 }, { label: label(95) }))).tempC.max,
    ).toBe(40);
    expect(
      envelopeOf(trouble('blood', piece('tableLinen', { linen: 100 }, { label: label(95) }))).tempC.max,
    ).toBe(40);
  });

  it('gives every limit an owner and a source', () => {
    fc.assert(
      fc.property(anyFacts, (facts) =>
        limitsOf(facts).every((limit) => limit.sourceIds.length > 0 && limit.owner.kind.length > 0),
      ),
    );
  });

  it('never widens when a limit is added, and does not mind their order', () => {
    const within = (narrow: Envelope, wide: Envelope) =>
      narrow.tempC.max <= wide.tempC.max &&
      narrow.pH.min >= wide.pH.min &&
      narrow.pH.max <= wide.pH.max &&
      WETTINGS.indexOf(narrow.wetting.most) <= WETTINGS.indexOf(wide.wetting.most) &&
      MECHANICAL_ACTIONS.indexOf(narrow.action.most) <= MECHANICAL_ACTIONS.indexOf(wide.action.most) &&
      PROGRAMMES.indexOf(narrow.programme.most) <= PROGRAMMES.indexOf(wide.programme.most) &&
      narrow.drying.every((window, index) => !window.allowed || wide.drying[index]?.allowed === true) &&
      narrow.chemistry.every(
        (window, index) => wide.chemistry[index]?.verdict !== 'never' || window.verdict === 'never',
      );
    const verdicts = (envelope: Envelope) => [
      envelope.tempC.max,
      envelope.pH.min,
      envelope.pH.max,
      envelope.wetting.most,
      envelope.action.most,
      envelope.chemistry.map((window) => [window.verdict, window.bounds]),
    ];
    fc.assert(
      fc.property(anyFacts, fc.nat(), (facts, place) => {
        const limits = limitsOf(facts);
        const without = limits.filter((_, index) => index !== place % Math.max(1, limits.length));
        expect(within(drawEnvelope(limits), drawEnvelope(without))).toBe(true);
        expect(verdicts(drawEnvelope([...limits].reverse()))).toEqual(verdicts(drawEnvelope(limits)));
      }),
    );
  });
});
