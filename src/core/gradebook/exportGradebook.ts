import Papa from 'papaparse';

/** A gradebook as it is taken along. */
export interface GradebookTable {
  readonly columns: readonly { readonly number: number | null; readonly title: string }[];
  readonly students: readonly {
    readonly id: string;
    readonly name: string;
    readonly group: string | null;
    /** In the order of the columns; null where there is no figure. */
    readonly figures: readonly (number | null)[];
    readonly overall: number | null;
    readonly letter: string | null;
  }[];
}

/** What stands over the columns that are no figures. */
export interface TableWords {
  readonly id: string;
  readonly name: string;
  readonly group: string;
  readonly total: string;
  readonly word: string;
}

/** What stands over each column: "2 Three skies"; one that has the same name as another before it is numbered. */
export function headersOf(columns: GradebookTable['columns']): readonly string[] {
  const known = new Map<string, number>();
  return columns.map(({ number, title }) => {
    const name = number === null ? title : `${number} ${title}`;
    const times = (known.get(name) ?? 0) + 1;
    known.set(name, times);
    return times === 1 ? name : `${name} (${times})`;
  });
}

/**
 * A gradebook as CSV (RFC 4180, UTF-8 with its mark). Where a language writes a comma before decimals, cells stand between semicolons,
 * as its spreadsheets want them. A cell that a spreadsheet would compute gets an apostrophe in front, as OWASP's page on CSV injection
 * has it.
 * @param locale BCP 47
 */
export function exportGradebook(
  { columns, students }: GradebookTable,
  words: TableWords,
  locale: string,
): string {
  const comma = new Intl.NumberFormat(locale).format(0.5).includes(',');
  const written = (figure: number | null) =>
    figure === null ? '' : comma ? String(figure).replace('.', ',') : String(figure);
  const csv = Papa.unparse(
    {
      fields: [words.id, words.name, words.group, ...headersOf(columns), words.total, words.word],
      data: students.map(({ id, name, group, figures, overall, letter }) => [
        id,
        name,
        group ?? '',
        ...figures.map(written),
        written(overall),
        letter ?? '',
      ]),
    },
    { escapeFormulae: true, newline: '\r\n', delimiter: comma ? ';' : ',' },
  );
  return `\uFEFF${csv}\r\n`;
}
