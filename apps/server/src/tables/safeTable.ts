import Papa from 'papaparse';

/** What a spreadsheet would take for a formula: also full-width, and behind what is not seen. */
export const FORMULA = /^[\s\u200b-\u200f\u2060\ufeff]*[=+\-@\uff1d\uff0b\uff0d\uff20]|^[\t\r]/;

/** RFC 4180: comma, CRLF, quotes where needed; a cell that would run as a formula is led by an apostrophe. */
export function safeTable<Column extends string>(
  columns: readonly Column[],
  lines: readonly Readonly<Record<Column, string>>[],
): string {
  const data = lines.map((line) => columns.map((column) => line[column]));
  return `${Papa.unparse({ fields: [...columns], data }, { newline: '\r\n', escapeFormulae: FORMULA })}\r\n`;
}
