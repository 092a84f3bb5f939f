import type { DryingWay, MechanicalAction, Programme } from '@feverfew/knowledge';
import type { PHRange } from '../../quantity/pHRange.js';
import type { Recipe } from './recipe.js';

export const ACTION_KINDS = [
  'rinseBefore',
  'lift',
  'firstAid',
  'hiddenTest',
  'mix',
  'apply',
  'dwell',
  'look',
  'rinse',
  'airOut',
  'wash',
  'dry',
  'finalLook',
] as const;
export type ActionKind = (typeof ACTION_KINDS)[number];

export interface Dwell {
  readonly minMin: number;
  readonly maxMin: number;
  readonly lookEveryMin: number;
  readonly keep: 'wet' | 'letDry' | 'covered' | 'none';
  readonly untilCool: boolean;
  /** Minutes to aim for at this heat and strength; null = anywhere in the window. */
  readonly aimMin: number | null;
  /** Must not be left alone. */
  readonly attended: boolean;
}

/** One thing to do. Fields that do not apply are null or empty. */
export interface Action extends Recipe {
  readonly id: string;
  readonly kind: ActionKind;
  readonly handsOnMin: number;
  readonly tempC: { readonly min: number; readonly max: number; readonly target: number } | null;
  readonly pH: PHRange | null;
  readonly action: MechanicalAction | null;
  readonly dwell: Dwell | null;
  readonly rinses: number | null;
  /** How a rinse is done: changes of water, damp passes where water cannot drain, or taken off dry. */
  readonly rinseWay: 'change' | 'damp' | 'vacuum' | null;
  readonly programme: Programme | null;
  readonly dryingWays: readonly DryingWay[];
  readonly notes: readonly string[];
  readonly expectedSignIds: readonly string[];
  readonly alarmSignIds: readonly string[];
  readonly cautionIds: readonly string[];
}

/** The drum of a machine runs: a wash, whatever else it is for. */
export const runsInDrum = ({ kind, programme }: Pick<Action, 'kind' | 'programme'>): boolean =>
  kind === 'wash' || (kind === 'apply' && programme !== null && programme !== 'none' && programme !== 'hand');
