import { isName, readName } from '../people/readName';
import type { RosterRecord, RosterRemark } from './rosterRecord';
import { readRosterCsv } from './readRosterCsv';

/** The records of a pasted list, and those of its lines that hold no single name. */
export interface RosterLines {
  readonly records: readonly RosterRecord[];
  readonly refused: readonly (RosterRemark & { readonly text: string })[];
  readonly warnings: readonly RosterRemark[];
}

/**
 * Reads names as a teacher pastes them: one to a line, with numbers or dashes before them or without, an e-mail address
 * behind or not. What was copied out of a table together with its header is read as a table. `row` is the line.
 */
export function readRosterLines(text: string): RosterLines {
  const table = /[\t;,]/.test(text.trimStart().split(/\r\n?|\n/, 1)[0] ?? '')
    ? readRosterCsv(new TextEncoder().encode(text))
    : null;
  if (table?.ok) return { records: table.records, refused: [], warnings: table.warnings };
  const records: RosterRecord[] = [];
  const refused: (RosterRemark & { text: string })[] = [];
  text.split(/\r\n?|\n/).forEach((line, index) => {
    const row = index + 1;
    if (line.trim() === '') return;
    const { name, email } = lineParts(line);
    if (!isName(name) || /\p{Nd}/u.test(name))
      refused.push({ row, field: 'name', reason: 'noName', text: line.trim() });
    else if (/[;/]|,.*,/.test(name))
      refused.push({ row, field: 'name', reason: 'severalNames', text: line.trim() });
    else records.push(recordOf(row, name, email));
  });
  return { records, refused, warnings: [] };
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
