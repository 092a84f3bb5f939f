import { CHEMISTRIES, type Chemistry } from '@feverfew/knowledge';
import type { LimitOwner } from '../../finding/limitOwner.js';
import type { PieceFacts } from '../../textile/piece.js';
import type { Limit } from '../limit.js';

/**
 * Old and irreplaceable pieces: pH at most 8.5, 30 °C, a hidden test before anything but water. Worn-thin and torn
 * ones: hands only.
 */
const FRAIL_MAX_C = 30;
const FRAIL_MAX_PH = 8.5;
const FRAIL_MIN_PH = 4;

/** On old cloth these are a conservator's, not even after a test. */
const CONSERVATORS: readonly Chemistry[] = [
  'peroxide',
  'percarbonate',
  'alcohol',
  'ketone',
  'ester',
  'hydrocarbon',
  'oxalicAcid',
  'ammonia',
  'strongAlkali',
];

export function conditionLimits({ condition }: PieceFacts): Limit[] {
  if (condition === 'sound' || condition === 'worn') return [];
  const ground = {
    owner: { kind: 'condition', condition } as LimitOwner,
    protects: 'piece',
    sourceIds: ['commonPractice'],
  } as const;
  const gentle: Limit[] = [
    { ...ground, quantity: 'action', most: 'press' },
    { ...ground, quantity: 'chemistry', chemistry: 'chlorine', verdict: 'never', bounds: {} },
    { ...ground, quantity: 'drying', forbids: 'tumbleNormal' },
    { ...ground, quantity: 'drying', forbids: 'tumbleLow' },
  ];
  if (condition === 'thinning' || condition === 'torn')
    return [...gentle, { ...ground, quantity: 'programme', most: 'veryMild' }];
  return [
    ...gentle,
    { ...ground, quantity: 'programme', most: 'hand' },
    { ...ground, quantity: 'tempC', maxC: FRAIL_MAX_C },
    { ...ground, quantity: 'pH', min: FRAIL_MIN_PH, max: FRAIL_MAX_PH, weakAcidBrieflyMin: FRAIL_MIN_PH },
    { ...ground, quantity: 'chemistry', chemistry: 'reducer', verdict: 'never', bounds: {} },
    { ...ground, quantity: 'drying', forbids: 'sun' },
    ...CHEMISTRIES.filter((chemistry) => chemistry !== 'water').map(
      (chemistry): Limit => ({
        ...ground,
        quantity: 'chemistry',
        chemistry,
        verdict: condition === 'antique' && CONSERVATORS.includes(chemistry) ? 'never' : 'test',
        bounds: {},
      }),
    ),
  ];
}
