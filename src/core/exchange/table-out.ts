import Papa from 'papaparse';

/** A table as it leaves: its columns by name, and its cells as they are read. */
export interface Table {
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** A cell that a spreadsheet would take for a formula is made plain text; a number stays one. */
function harmless(cell: string): string {
  return /^[=+\-@\t\r]/.test(cell) && !/^[+-]?\d+([.,]\d+)?$/.test(cell) ? `'${cell}` : cell;
}

/** A table as CSV (RFC 4180) with a byte-order mark, so that spreadsheets read it as UTF-8; nothing in it is ever run. */
export function csvOf({ head, rows }: Table): string {
  const lines = [head, ...rows].map((row) => row.map(harmless));
  return `\uFEFF${Papa.unparse(lines, { newline: '\r\n' })}\r\n`;
}
