import {
  CHEMISTRIES,
  type Chemistry,
  type Condition,
  type MechanicalAction,
  type Programme,
} from '@feverfew/knowledge';
import type { LimitOwner } from '../../finding/limitOwner.js';
import type { PieceFacts } from '../../textile/piece.js';
import type { Limit } from '../limit.js';

/** Bath for cloth of some fifty years and more: °C and pH. */
const ANTIQUE_MAX_C = 30;
const ANTIQUE_PH = { min: 4, max: 8.5 } as const;

/** On weak cloth not even after a test: what bleaches, strips, dissolves or eats rust eats weak fibres first. */
const NEVER_ON_WEAK: readonly Chemistry[] = [
  'peroxide',
  'percarbonate',
  'reducer',
  'alcohol',
  'ketone',
  'ester',
  'hydrocarbon',
  'oxalicAcid',
];
/** On old cloth alkali is a conservator's as well. */
const NEVER_ON_ANTIQUE: readonly Chemistry[] = [...NEVER_ON_WEAK, 'ammonia', 'strongAlkali'];

interface Handling {
  readonly action: MechanicalAction;
  readonly programme: Programme;
  readonly never: readonly Chemistry[];
  /** A hidden test before anything but water. */
  readonly tests: boolean;
}

const HANDLING: Readonly<Record<Exclude<Condition, 'sound' | 'worn'>, Handling>> = {
  torn: { action: 'press', programme: 'veryMild', never: [], tests: false },
  thinning: { action: 'press', programme: 'veryMild', never: NEVER_ON_WEAK, tests: false },
  antique: { action: 'press', programme: 'hand', never: NEVER_ON_ANTIQUE, tests: true },
  // Sound cloth that matters to its owner: tested each time and started gently, but nothing is barred for that.
  irreplaceable: { action: 'softBrush', programme: 'mild', never: [], tests: true },
};

/** They follow from the condition alone. */
const known = new Map<Condition, readonly Limit[]>();

export function conditionLimits({ condition }: PieceFacts): readonly Limit[] {
  if (condition === 'sound' || condition === 'worn') return [];
  const limits = known.get(condition) ?? limitsOf(condition);
  known.set(condition, limits);
  return limits;
}

function limitsOf(condition: keyof typeof HANDLING): Limit[] {
  const owner: LimitOwner = { kind: 'condition', condition };
  const ground = { owner, protects: 'piece', sourceIds: ['commonPractice'] } as const;
  const { action, programme, never, tests } = HANDLING[condition];
  const on = (chemistry: Chemistry, verdict: 'never' | 'test'): Limit => ({
    ...ground,
    quantity: 'chemistry',
    chemistry,
    verdict,
    bounds: {},
  });
  return [
    { ...ground, quantity: 'action', most: action },
    { ...ground, quantity: 'programme', most: programme },
    { ...ground, quantity: 'drying', forbids: 'tumbleNormal' },
    { ...ground, quantity: 'drying', forbids: 'tumbleLow' },
    on('chlorine', 'never'),
    ...never.map((chemistry) => on(chemistry, 'never')),
    ...(tests
      ? CHEMISTRIES.filter((chemistry) => chemistry !== 'water' && !never.includes(chemistry)).map(
          (chemistry) => on(chemistry, 'test'),
        )
      : []),
    ...(condition === 'antique' ? ofAge(ground) : []),
  ];
}

const ofAge = (ground: Pick<Limit, 'owner' | 'protects' | 'sourceIds'>): Limit[] => [
  { ...ground, quantity: 'tempC', maxC: ANTIQUE_MAX_C },
  { ...ground, quantity: 'pH', ...ANTIQUE_PH, weakAcidBrieflyMin: ANTIQUE_PH.min },
  { ...ground, quantity: 'drying', forbids: 'sun' },
];
