import { type Chemistry, type DryingWay, HAND_WASH_MAX_C, type Programme } from '@feverfew/knowledge';
import type { LimitOwner } from '../../finding/limitOwner.js';
import { type CareLabel, driesFlat, type LabelSign } from '../../textile/careLabel.js';
import type { PieceFacts } from '../../textile/piece.js';
import type { Limit } from '../limit.js';

const SOURCES = ['careLabel', 'iso3758'];
const PROGRAMME_BY_BARS: readonly Programme[] = ['normal', 'mild', 'veryMild'];
const PEROXYGENS: readonly Chemistry[] = ['peroxide', 'percarbonate'];

/** What the sewn-in label forbids; without one, what caution forbids. Coded furniture has no sewn-in label to miss. */
export function labelLimits(piece: PieceFacts, coded: boolean): Limit[] {
  if (!piece.label) return coded ? [] : withoutLabel();
  return [
    ...washLimits(piece.label),
    ...bleachLimits(piece.label),
    ...dryingLimits(piece.label),
    ...solventLimits(piece.label),
  ];
}

function withoutLabel(): Limit[] {
  const ground = {
    owner: { kind: 'noLabel' } as LimitOwner,
    protects: 'piece',
    sourceIds: ['commonPractice'],
  } as const;
  return [
    { ...ground, quantity: 'programme', most: 'mild' },
    { ...ground, quantity: 'chemistry', chemistry: 'chlorine', verdict: 'never', bounds: {} },
    { ...ground, quantity: 'drying', forbids: 'tumbleNormal' },
    { ...ground, quantity: 'drying', forbids: 'tumbleLow' },
  ];
}

const bySign = (sign: LabelSign, tempC?: number) =>
  ({
    owner: { kind: 'label', sign, ...(tempC === undefined ? {} : { tempC }) },
    protects: 'piece',
    sourceIds: SOURCES,
  }) as const;

const handC = ({ maxC }: { readonly maxC?: number | undefined }): number => maxC ?? HAND_WASH_MAX_C;

function washLimits({ wash }: CareLabel): Limit[] {
  if (wash === null) return withoutLabel().filter((limit) => limit.quantity === 'programme');
  if (wash.kind === 'never') {
    return [
      { ...bySign('washNever'), quantity: 'wetting', most: 'spot' },
      { ...bySign('washNever'), quantity: 'programme', most: 'none' },
    ];
  }
  if (wash.kind === 'hand') {
    return [
      { ...bySign('handWash', handC(wash)), quantity: 'tempC', maxC: handC(wash) },
      { ...bySign('handWash'), quantity: 'programme', most: 'hand' },
    ];
  }
  return [
    { ...bySign('wash', wash.maxC), quantity: 'tempC', maxC: wash.maxC },
    {
      ...bySign('wash', wash.maxC),
      quantity: 'programme',
      most: PROGRAMME_BY_BARS[wash.bars] ?? 'veryMild',
    },
  ];
}

function bleachLimits({ bleach }: CareLabel): Limit[] {
  if (bleach === 'any') return [];
  const never = (chemistry: Chemistry, sign: LabelSign): Limit => ({
    ...bySign(sign),
    quantity: 'chemistry',
    chemistry,
    verdict: 'never',
    bounds: {},
  });
  if (bleach === 'never')
    return (['chlorine', ...PEROXYGENS] as const).map((chemistry) => never(chemistry, 'bleachNever'));
  if (bleach === 'oxygenOnly') return [never('chlorine', 'bleachOxygenOnly')];
  return withoutLabel().filter((limit) => limit.quantity === 'chemistry');
}

function dryingLimits(label: CareLabel): Limit[] {
  const forbid = (sign: LabelSign, ways: readonly DryingWay[]): Limit[] =>
    ways.map((forbids) => ({ ...bySign(sign), quantity: 'drying', forbids }));
  return [
    ...(label.tumble === 'never' ? forbid('tumbleNever', ['tumbleLow', 'tumbleNormal']) : []),
    ...(label.tumble === 'low' ? forbid('tumbleLow', ['tumbleNormal']) : []),
    ...(label.tumble === null ? withoutLabel().filter((limit) => limit.quantity === 'drying') : []),
    ...(label.shade ? forbid('shade', ['sun']) : []),
    ...(driesFlat(label) ? forbid('flat', ['line']) : []),
  ];
}

/** A crossed circle keeps solvents off at home too, alcohol until a test; P and F are no permission for them. */
function solventLimits({ dryClean }: CareLabel): Limit[] {
  if (dryClean !== 'never') return [];
  const on = (chemistry: Chemistry, verdict: 'never' | 'test'): Limit => ({
    ...bySign('dryCleanNever'),
    quantity: 'chemistry',
    chemistry,
    verdict,
    bounds: {},
  });
  return [on('hydrocarbon', 'never'), on('ketone', 'never'), on('ester', 'never'), on('alcohol', 'test')];
}
