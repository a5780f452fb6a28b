import { nameOf, readName } from '../people/readName';
import { decodeText } from '../text/decodeText';
import { readTable, type TableRecord } from './readTable';
import type { RosterFile, RosterRecord, RosterRemark } from './rosterRecord';

type Column = 'name' | 'givenName' | 'familyName' | 'id' | 'email' | 'group' | 'penName';

/** What columns may be called, in the languages of the house. */
const COLUMNS: Readonly<Record<string, Column>> = {
  name: 'name',
  'given name': 'givenName',
  'first name': 'givenName',
  'family name': 'familyName',
  'last name': 'familyName',
  id: 'id',
  email: 'email',
  'e-mail': 'email',
  group: 'group',
  'pen name': 'penName',
  vorname: 'givenName',
  rufname: 'givenName',
  nachname: 'familyName',
  familienname: 'familyName',
  kennung: 'id',
  'e-mail-adresse': 'email',
  gruppe: 'group',
  schreibname: 'penName',
};
const NAME_COLUMNS: readonly Column[] = ['name', 'givenName', 'familyName'];

/** Reads our own simple CSV: a header with any of the columns above, in any order and case; the rest is left alone. */
export function readRosterCsv(bytes: Uint8Array): RosterFile {
  const table = readTable(decodeText(bytes), (header) => header.filter((cell) => columnOf(cell)).length);
  if (!table.ok) return table;
  const places = new Map<Column, number>();
  const warnings: RosterRemark[] = [];
  table.header.forEach((cell, index) => {
    const column = columnOf(cell);
    if (column && !places.has(column)) places.set(column, index);
    else if (cell !== '')
      warnings.push({ row: 1, field: cell, reason: column ? 'columnTwice' : 'unknownColumn' });
  });
  if (!NAME_COLUMNS.some((column) => places.has(column))) return { ok: false, problem: 'noNameColumn' };
  const records = table.records.map((record) => {
    if (table.header.length > 1 && record.cells.slice(table.header.length).some((cell) => cell !== ''))
      warnings.push({ row: record.row, field: 'row', reason: 'moreCells' });
    return recordOf(table.header.length > 1 ? record : rejoined(record), places);
  });
  return { ok: true, records, warnings };
}

/** Where there is but one column nothing was meant to be separated: "Marlow, Ines" is one name. */
function rejoined({ row, cells }: TableRecord): TableRecord {
  return { row, cells: [cells.filter((cell) => cell !== '').join(', ')] };
}

function recordOf({ row, cells }: TableRecord, places: ReadonlyMap<Column, number>): RosterRecord {
  const at = (column: Column) => cells[places.get(column) ?? -1] ?? '';
  const apart = at('givenName') !== '' || at('familyName') !== '';
  const read = apart ? nameOf(at('givenName'), at('familyName')) : readName(at('name'));
  return {
    row,
    name: read.name,
    givenName: read.givenName || null,
    familyName: read.familyName,
    email: at('email') || null,
    id: at('id') || null,
    group: at('group') || null,
    penName: at('penName') || null,
  };
}

/** Which of our columns a header's cell names, or null. */
function columnOf(cell: string): Column | null {
  const key = cell.trim().toLowerCase().replace(/\s+/g, ' ');
  return Object.hasOwn(COLUMNS, key) ? (COLUMNS[key] ?? null) : null;
}
