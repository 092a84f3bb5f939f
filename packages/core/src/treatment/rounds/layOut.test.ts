import { describe, expect, it } from 'vitest';
import { household, knowledge, label, piece, trouble } from '../../test/fixtures.js';
import { planTreatment } from '../planTreatment.js';

const shirt = piece('shirt', { cotton: 100 }, { colour: 'white', label: label(60) });
const plan = (...of: Parameters<typeof trouble>) => planTreatment(trouble(...of), household, knowledge);
const first = (made: ReturnType<typeof plan>) => made.rounds[0]?.passes.map(({ methodId }) => methodId) ?? [];
const atOnce = (made: ReturnType<typeof plan>) => made.atOnce.actions.flatMap(({ verbs }) => verbs);

describe('what the first seconds do', () => {
  it('to something fresh is no step as well', () => {
    const fresh = plan('tomato', shirt, { age: 'minutes', wetness: 'wet' });
    expect(atOnce(fresh)).toContain('lift');
    expect(first(fresh)).not.toContain('liftOff');
    expect(first(fresh).length).toBeGreaterThan(0);
  });
  it('to something old stays a step: a crust comes off slowly', () => {
    expect(first(plan('emulsionPaint', shirt, { age: 'days', wetness: 'dry' }))).toContain('liftOff');
  });
  it('to something dry stays a step', () => {
    const waistcoat = piece('waistcoat', { wool: 100 }, { label: { ...label(40), wash: { kind: 'never' } } });
    const egg = plan('egg', waistcoat, { age: 'hours', wetness: 'dry' });
    expect(first(egg)).toEqual(['liftOff', 'coldBlot']);
  });
});

describe('where no course speaks of such a piece', () => {
  it('what was worked out has an end all the same', () => {
    const coat = piece('filledCoat', { polyamide: 100 }, { label: null, condition: 'worn' });
    const parts = [
      { name: 'shell', fibres: [{ fibreId: 'polyamide', sharePct: 100 }] },
      { name: 'filling', fibres: [{ fibreId: 'down', sharePct: 100 }] },
    ];
    const made = plan('sweatYellow', { ...coat, parts }, { age: 'months', wetness: 'dry' });
    expect(made.rounds.length).toBeGreaterThan(0);
    expect(made.ends.map(({ next }) => next)).toEqual(['professional']);
  });
});
