import { cutText } from '@feverfew/contracts';
import type { FibreFamily, UseCase } from '@feverfew/core';
import { AGE_BANDS } from '@feverfew/core';
import Papa from 'papaparse';
import { FORMULA, safeTable } from '../tables/safeTable.js';

/** One row of the log. */
export interface LogRow {
  readonly id: string;
  readonly date: string;
  readonly piece: string;
  readonly mark: string;
  readonly method: string;
  readonly fibres: string;
  readonly age: string;
  readonly rounds: string;
  readonly leftPct: string;
  /** Minutes and temperature of one round; empty if unknown. */
  readonly minutes: string;
  readonly tempC: string;
  readonly note: string;
}

const LOG_COLUMNS = [
  'id',
  'date',
  'piece',
  'mark',
  'method',
  'fibres',
  'age',
  'rounds',
  'leftPct',
  'minutes',
  'tempC',
  'note',
] as const;
/** What a table may leave out. */
const OPTIONAL: readonly string[] = ['id', 'minutes', 'tempC', 'note'];

export const writeLog = (lines: readonly LogRow[]): string => safeTable(LOG_COLUMNS, lines);

export type LogFault = { readonly line: number; readonly message: string };

/**
 * Lines of a log in any usual dialect: comma, semicolon or tab, with or without a byte-order mark, quoted or not.
 * @returns the faults, the heading being line 1; no lines then
 */
export function readLog(csv: string): { lines: LogRow[]; faults: LogFault[] } {
  const { data, meta, errors } = Papa.parse<Record<string, string>>(csv.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t'],
    transformHeader: (name) => name.trim(),
  });
  const missing = LOG_COLUMNS.filter(
    (column) => !OPTIONAL.includes(column) && !meta.fields?.includes(column),
  );
  if (missing.length > 0)
    return { lines: [], faults: [{ line: 1, message: `The heading lacks ${missing.join(', ')}.` }] };
  const faults = errors
    .filter((error) => error.type !== 'Delimiter')
    .map((error) => ({
      line: (error.row ?? 0) + 2,
      message: 'The line does not have the columns of the heading.',
    }));
  const lines = data.map(
    (row) =>
      Object.fromEntries(LOG_COLUMNS.map((column) => [column, cell(row[column])])) as unknown as LogRow,
  );
  return faults.length > 0 ? { lines: [], faults } : { lines, faults };
}

/** As it was before it was made safe for spreadsheets. */
const cell = (text: string | undefined): string => {
  const trimmed = (text ?? '').trim();
  return trimmed.startsWith("'") && FORMULA.test(trimmed.slice(1)) ? trimmed.slice(1) : trimmed;
};

/** A number as written on either side of the Channel: “37.5” or “37,5”; NaN for anything else. */
const numberOf = (text: string): number =>
  /^\d+([.,]\d+)?$/.test(text) ? Number(text.replace(',', '.')) : Number.NaN;

const MAX_ROUNDS = 100;
const MAX_MINUTES = 20_160;

interface Known {
  readonly methods: ReadonlySet<string>;
  readonly marks: ReadonlyMap<string, string>;
  readonly fibres: ReadonlySet<string>;
}

/**
 * The use a line tells of, or what is wrong with it. @param known ids the knowledge has; marks with their main
 * component
 */
export function useOfLine(line: LogRow, known: Known, nowMs: number): UseCase | string {
  const atMs = Date.parse(line.date);
  if (!/^\d{4}-\d{2}-\d{2}/.test(line.date) || Number.isNaN(atMs))
    return `“${line.date}” is no date: write it as year-month-day.`;
  if (atMs > nowMs) return `“${line.date}” has not come yet.`;
  const componentId = known.marks.get(line.mark);
  if (componentId === undefined) return `There is no mark “${line.mark}” here.`;
  if (!known.methods.has(line.method)) return `There is no method “${line.method}” here.`;
  if (!known.fibres.has(line.fibres)) return `There is no group of fibres “${line.fibres}” here.`;
  const age = AGE_BANDS.find((band) => band === line.age);
  if (!age) return `“${line.age}” is no age: ${AGE_BANDS.join(', ')}.`;
  const rounds = numberOf(line.rounds);
  if (!(Number.isInteger(rounds) && rounds >= 1 && rounds <= MAX_ROUNDS))
    return `“${line.rounds}” rounds: a whole number from 1 to ${MAX_ROUNDS}.`;
  const leftPct = numberOf(line.leftPct);
  if (!(leftPct >= 0 && leftPct <= 100)) return `“${line.leftPct}” % left: from 0 to 100.`;
  const minutes = line.minutes === '' ? null : numberOf(line.minutes);
  if (minutes !== null && !(minutes >= 0 && minutes <= MAX_MINUTES))
    return `“${line.minutes}” minutes: from 0 to ${MAX_MINUTES}, or nothing.`;
  const tempC = line.tempC === '' ? null : numberOf(line.tempC);
  if (tempC !== null && !(tempC >= 0 && tempC <= 95)) return `“${line.tempC}” °C: from 0 to 95, or nothing.`;
  if (line.piece === '') return 'The piece has no name.';
  return {
    id: line.id || cutText(`told:${line.date}:${line.piece}:${line.mark}:${line.method}`, 80),
    at: new Date(atMs).toISOString(),
    methodId: line.method,
    markId: line.mark,
    componentId,
    fibres: line.fibres as FibreFamily,
    age,
    rounds,
    leftPct,
    ...(minutes === null ? {} : { minutes }),
    ...(tempC === null ? {} : { tempC }),
  };
}
