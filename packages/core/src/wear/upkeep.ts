import type { Knowledge, Upkeep, WearRule } from '@feverfew/knowledge';
import { DAY_MS } from '../quantity/timeUnits.js';
import type { Exposure } from './exposure.js';

/** What of a piece upkeep and wear go by. */
export interface KeptPiece {
  readonly itemId: string;
  readonly fibreIds: readonly string[];
  /** Date of purchase, ISO; null = not given: then the date of entry counts. */
  readonly since: string | null;
  readonly enteredAt: string;
}

export interface UpkeepDue {
  readonly upkeep: Upkeep;
  readonly lastAt: string | null;
  readonly dueAt: string;
  readonly isDue: boolean;
}

/**
 * Upkeep of a piece with the day each falls due: its interval after the last time; without a record it counts
 * from the day the
 * piece was entered, its age from the day it came into the house.
 * @param doneAt when each was last done, by upkeep id
 */
export function upkeepDue(
  piece: KeptPiece,
  doneAt: Readonly<Record<string, string>>,
  { upkeep }: Knowledge,
  nowMs: number,
): UpkeepDue[] {
  return upkeep
    .filter((one) => one.itemIds.includes(piece.itemId))
    .map((one) => {
      const lastAt = doneAt[one.id] ?? null;
      const came = one.kind === 'replace' ? (piece.since ?? piece.enteredAt) : piece.enteredAt;
      const fromMs = Date.parse(lastAt ?? came);
      const dueMs = fromMs + one.everyDays * DAY_MS;
      return { upkeep: one, lastAt, dueAt: new Date(dueMs).toISOString(), isDue: dueMs <= nowMs };
    });
}

/** What a rule of wear counts on a piece. */
export interface WearFigure {
  readonly rule: WearRule;
  /** In the unit of what the rule counts: washes, or hours. */
  readonly value: number;
}

/** Every rule of wear that holds for this piece, the nearest to its limit first. */
export function wearFigures(piece: KeptPiece, exposure: Exposure, { wearRules }: Knowledge): WearFigure[] {
  const used = ({ rule, value }: WearFigure) => value / rule.warnAt;
  return wearRules
    .filter(
      (rule) =>
        rule.itemIds.includes(piece.itemId) ||
        rule.fibreIds.some((fibreId) => piece.fibreIds.includes(fibreId)),
    )
    .map((rule) => ({ rule, value: exposure[rule.counts] }))
    .sort((a, b) => used(b) - used(a));
}

/** Rules of wear whose figure this piece has reached. */
export const wearWarnings = (piece: KeptPiece, exposure: Exposure, knowledge: Knowledge): WearFigure[] =>
  wearFigures(piece, exposure, knowledge).filter(({ rule, value }) => value >= rule.warnAt);
