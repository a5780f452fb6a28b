import Papa from 'papaparse';

/** A table's records as they stand in the file, the header among them. `row` counts from the header, which is 1. */
export interface TableRecord {
  readonly row: number;
  readonly cells: readonly string[];
}

export type Table =
  | { readonly ok: true; readonly header: readonly string[]; readonly records: readonly TableRecord[] }
  | { readonly ok: false; readonly problem: 'notCsv' }
  | { readonly ok: false; readonly problem: 'openQuote'; readonly row: number };

const DELIMITERS = [',', ';', '\t'] as const;
// What no text that a person wrote holds: it shows a picture, an archive or a program.
const NOT_TEXT = /[\u0000-\u0008\u000E-\u001B\uFFFE]/u;

/**
 * Reads comma-, semicolon- or tab-separated values with quotes as in RFC 4180 and any line ends. Blank records are
 * left out but keep their place in the count.
 * @param known how many of a record's cells are names of columns; it tells the separator
 */
export function readTable(text: string, known: (header: readonly string[]) => number): Table {
  if (NOT_TEXT.test(text)) return { ok: false, problem: 'notCsv' };
  // A carriage return alone ends a line as well; inside quotes it is white space either way.
  const lines = text.replace(/\r\n?/g, '\n').replace(/^[\n\uFEFF]+/, '');
  const { data, errors } = Papa.parse<string[]>(lines, {
    delimiter: delimiterOf(lines, known),
    newline: '\n',
  });
  const open = errors.find((error) => error.code === 'MissingQuotes');
  if (open) return { ok: false, problem: 'openQuote', row: (open.row ?? 0) + 1 };
  const [header = [], ...rest] = data;
  const records = rest
    .map((cells, index) => ({ row: index + 2, cells: cells.map((cell) => cell.trim()) }))
    .filter(({ cells }) => cells.some((cell) => cell !== ''));
  return { ok: true, header: header.map((cell) => cell.trim()), records };
}

/** The separator under which the most columns are known; of equal ones that which makes more cells. */
function delimiterOf(text: string, known: (header: readonly string[]) => number): string {
  let best: { readonly delimiter: string; readonly known: number; readonly cells: number } | null = null;
  for (const delimiter of DELIMITERS) {
    const [header = []] = Papa.parse<string[]>(text, { delimiter, newline: '\n', preview: 1 }).data;
    const here = { delimiter, known: known(header), cells: header.length };
    if (!best || here.known > best.known || (here.known === best.known && here.cells > best.cells))
      best = here;
  }
  return best?.delimiter ?? ',';
}
