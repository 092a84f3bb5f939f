import { HANDS_ON_MIN } from '@feverfew/knowledge';
import type { Step } from '../step.js';

const EMPTY: Omit<Step, 'id' | 'kind' | 'handsOnMin'> = {
  ingredients: [],
  waterML: null,
  bath: null,
  vessel: null,
  batches: 1,
  tempC: null,
  pH: null,
  action: null,
  dwell: null,
  rinses: null,
  rinseWay: null,
  programme: null,
  dryingWays: [],
  notes: [],
  expectedSignIds: [],
  alarmSignIds: [],
  cautionIds: [],
};

/** A step with only the fields that apply; the id is given when the rung is whole. */
export function draftStep(kind: Step['kind'], rungIndex: number, fields: Partial<Step>): Step {
  return { ...EMPTY, id: `r${rungIndex + 1}-${kind}`, kind, handsOnMin: HANDS_ON_MIN[kind], ...fields };
}
