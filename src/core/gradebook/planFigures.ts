import { readTable } from '../roster/readTable';
import { headersOf, type GradebookTable } from './exportGradebook';
import { figureTyped } from './figureTyped';

/** What a file would change, before anything is. */
export type FiguresPlan = { readonly ok: false; readonly problem: PlanProblem } | Planned;

/** It is no table, a quote in it is never closed, no column of it is one of ours, or no row is one of ours. */
type PlanProblem = 'notCsv' | 'openQuote' | 'noColumn' | 'noRow';

interface Planned {
  readonly ok: true;
  readonly changes: readonly {
    readonly student: number;
    readonly column: number;
    readonly figure: number;
  }[];
  /** Rows that are nobody here, and those of a student who stood there before: by their number, with what they begin with. */
  readonly nobody: readonly RowOfFile[];
  readonly twice: readonly RowOfFile[];
  /** Cells that are no figures. */
  readonly noFigures: readonly (RowOfFile & { readonly header: string })[];
  /** Columns that are none of ours. */
  readonly unknown: readonly string[];
}

interface RowOfFile {
  /** The header is 1. */
  readonly row: number;
  readonly text: string;
}

/** Names of the columns that say whose a row is, in the languages of the house, and of those that are made anew. */
const IDS = ['id', 'kennung'];
const MADE = ['name', 'group', 'gruppe', 'total %', 'gesamt %', 'word', 'wort'];

/**
 * Reads a CSV of figures against a gradebook: which cells it would change. A cell that is empty changes nothing; a row is found by the
 * id that the file was given when it was taken along, a column by what stands over it.
 * @param locale BCP 47, for decimals
 */
export function planFigures(
  text: string,
  { columns, students }: GradebookTable,
  locale: string,
): FiguresPlan {
  const known = new Map(headersOf(columns).map((header, at) => [folded(header), at]));
  const isKnown = (cell: string) =>
    known.has(folded(cell)) || IDS.includes(folded(cell)) || MADE.includes(folded(cell));
  const table = readTable(text, (header) => header.filter(isKnown).length);
  if (!table.ok) return { ok: false, problem: table.problem };
  const idAt = table.header.findIndex((cell) => IDS.includes(folded(cell)));
  const ours = table.header.flatMap((header, at) => {
    const column = known.get(folded(header));
    return column === undefined ? [] : [{ header, at, column }];
  });
  if (idAt < 0 || ours.length === 0) return { ok: false, problem: 'noColumn' };
  const rowOf = new Map(students.map(({ id }, at) => [id, at]));
  const plan = { changes: [], nobody: [], twice: [], noFigures: [] } as Mutable;
  const seen = new Set<number>();
  for (const { row, cells } of table.records) {
    const said = { row, text: cells.find((cell) => cell !== '') ?? '' };
    const student = rowOf.get(cells[idAt] ?? '');
    if (student === undefined) plan.nobody.push(said);
    else if (seen.has(student)) plan.twice.push(said);
    else {
      seen.add(student);
      for (const { header, at, column } of ours) {
        const typed = figureTyped(cells[at] ?? '', locale);
        if (!typed.ok) plan.noFigures.push({ row, text: cells[at] ?? '', header });
        else if (typed.figure !== null && typed.figure !== students[student]!.figures[column])
          plan.changes.push({ student, column, figure: typed.figure });
      }
    }
  }
  if (seen.size === 0) return { ok: false, problem: 'noRow' };
  const unknown = table.header.filter((header) => header !== '' && !isKnown(header));
  return { ok: true, ...plan, unknown };
}

interface Mutable {
  readonly changes: Planned['changes'][number][];
  readonly nobody: RowOfFile[];
  readonly twice: RowOfFile[];
  readonly noFigures: Planned['noFigures'][number][];
}

/** As a column is found: spreadsheets and people change capitals and spaces, and an apostrophe keeps a text from being computed. */
function folded(header: string): string {
  return header.trim().replace(/^'/, '').replace(/\s+/g, ' ').toLocaleLowerCase();
}
