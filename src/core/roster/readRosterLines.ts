import { isName, nameOf, readName } from '../people/readName';
import type { RosterRecord, RosterRemark } from './rosterRecord';
import { readRosterCsv } from './readRosterCsv';
import type { NameOrder } from './rosterSource';

/** The records of a pasted list, and those of its lines that hold no single name. */
export interface RosterLines {
  readonly records: readonly RosterRecord[];
  readonly refused: readonly (RosterRemark & { readonly text: string })[];
  readonly warnings: readonly RosterRemark[];
  /** Whether names stand in two columns of which nothing says which is the family name. */
  readonly asksOrder: boolean;
}

/**
 * Reads names as a teacher pastes them: one to a line, with numbers or dashes before them or without, an e-mail address
 * behind or not. What was copied out of a table together with its header is read as a table, without one as columns. `row` is the line.
 * @param order which part of a name stands first; null where nobody has said
 */
export function readRosterLines(text: string, order: NameOrder | null = null): RosterLines {
  const table = /[\t;,]/.test(text.trimStart().split(/\r\n?|\n/, 1)[0] ?? '')
    ? readRosterCsv(new TextEncoder().encode(text))
    : null;
  if (table?.ok) return { records: table.records, refused: [], warnings: table.warnings, asksOrder: false };
  const separator = columnsOf(text);
  let asksOrder = false;
  const records: RosterRecord[] = [];
  const refused: (RosterRemark & { text: string })[] = [];
  text.split(/\r\n?|\n/).forEach((line, index) => {
    const row = index + 1;
    if (line.trim() === '') return;
    const columns = separator ? cellsOf(line, separator) : null;
    if (columns && columns.names.length === 2) {
      asksOrder ||= order === null;
      records.push(ofColumns(row, columns, order ?? 'givenFirst'));
      return;
    }
    const { name, email } = columns ? { ...columns, name: columns.names.join(' ') } : lineParts(line);
    if (!isName(name) || /\p{Nd}/u.test(name))
      refused.push({ row, field: 'name', reason: 'noName', text: line.trim() });
    else if (/[;/]|,.*,/.test(name))
      refused.push({ row, field: 'name', reason: 'severalNames', text: line.trim() });
    else records.push(recordOf(row, turned(name, order), email));
  });
  return { records, refused, warnings: [], asksOrder };
}

/** A line without its number or dash, the address taken off. */
function lineParts(line: string): { readonly name: string; readonly email: string | null } {
  const text = line.replace(/^\s*(?:\d{1,3}\s*[.):]|[-–—•*·])\s*/u, '').trim();
  const address = /[\s,;]*<?(?:mailto:)?([^\s<>,;]+@[^\s<>,;]+)>?$/u.exec(text);
  return { name: (address ? text.slice(0, address.index) : text).trim(), email: address?.[1] ?? null };
}

function recordOf(row: number, text: string, email: string | null): RosterRecord {
  const { name, givenName, familyName } = readName(text);
  return { row, name, givenName: givenName || null, familyName, email, id: null, group: null, penName: null };
}

/** What separates the columns of a list that was copied out of a spreadsheet: what stands in each of its lines. */
function columnsOf(text: string): string | null {
  const lines = text.split(/\r\n?|\n/).filter((line) => line.trim() !== '');
  return ['\t', ';'].find((separator) => lines.every((line) => line.includes(separator))) ?? null;
}

interface Cells {
  /** The cells with a name in them. */
  readonly names: readonly string[];
  readonly email: string | null;
}

/** The cells of a line that say who it is; numbers and empty ones are left alone. */
function cellsOf(line: string, separator: string): Cells {
  const cells = line.split(separator).map((cell) => cell.trim());
  const isEmail = (cell: string) => /^\S+@\S+$/u.test(cell);
  return {
    names: cells.filter((cell) => isName(cell) && !isEmail(cell)).slice(0, 2),
    email: cells.find(isEmail) ?? null,
  };
}

function ofColumns(
  row: number,
  { names: [first = '', second = ''], email }: Cells,
  order: NameOrder,
): RosterRecord {
  const { name, givenName, familyName } =
    order === 'familyFirst' ? nameOf(second, first) : nameOf(first, second);
  return { row, name, givenName, familyName, email, id: null, group: null, penName: null };
}

/** A name that is written with the family name first, as it is read here: "Marlow Ines" is "Marlow, Ines". */
function turned(name: string, order: NameOrder | null): string {
  return order === 'familyFirst' && !name.includes(',') ? name.replace(/^(\S+)\s+/u, '$1, ') : name;
}
