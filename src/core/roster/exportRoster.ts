import Papa from 'papaparse';

/** One line of a roster that is taken along, by the columns of our own simple CSV. */
export interface RosterLine {
  readonly givenName: string;
  readonly familyName: string;
  readonly id: string | null;
  readonly email: string | null;
  readonly group: string | null;
  readonly penName: string | null;
}

/**
 * A roster as CSV that `readRosterCsv` reads again (UTF-8 with its mark, which spreadsheets look for). A cell that a
 * spreadsheet would compute gets an apostrophe in front, as OWASP's page on CSV injection has it.
 */
export function exportRoster(lines: readonly RosterLine[]): string {
  const csv = Papa.unparse(
    {
      fields: ['given name', 'family name', 'id', 'email', 'group', 'pen name'],
      data: lines.map((line) => [
        line.givenName,
        line.familyName,
        line.id,
        line.email,
        line.group,
        line.penName,
      ]),
    },
    { escapeFormulae: true, newline: '\r\n' },
  );
  return `\uFEFF${csv}\r\n`;
}
