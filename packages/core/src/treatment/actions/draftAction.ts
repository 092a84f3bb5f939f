import { HANDS_ON_MIN } from '@feverfew/knowledge';
import type { Action } from '../plan/action.js';

const NONE: readonly never[] = [];

/**
 * A step with only the fields that apply; its id is given when the pass is whole.
 * Written out field by field: every step gets the same hidden class, which the sweep over millions of plans lives on.
 */
export function draftAction(kind: Action['kind'], fields: Partial<Action>): Action {
  return {
    id: '',
    kind,
    handsOnMin: fields.handsOnMin ?? HANDS_ON_MIN[kind],
    ingredients: fields.ingredients ?? NONE,
    waterML: fields.waterML ?? null,
    waterTools: fields.waterTools ?? null,
    putOn: fields.putOn ?? null,
    bath: fields.bath ?? null,
    vessel: fields.vessel ?? null,
    batches: fields.batches ?? 1,
    tempC: fields.tempC ?? null,
    pH: fields.pH ?? null,
    outlook: fields.outlook ?? null,
    action: fields.action ?? null,
    dwell: fields.dwell ?? null,
    rinses: fields.rinses ?? null,
    rinseWay: fields.rinseWay ?? null,
    programme: fields.programme ?? null,
    dryingWays: fields.dryingWays ?? NONE,
    notes: fields.notes ?? NONE,
    expectedSignIds: fields.expectedSignIds ?? NONE,
    alarmSignIds: fields.alarmSignIds ?? NONE,
    cautionIds: fields.cautionIds ?? NONE,
  };
}
