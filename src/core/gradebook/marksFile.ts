import Papa from 'papaparse';

/** What a column of a file of marks holds. */
export const MARK_FIELDS = [
  'schoolId',
  'familyName',
  'givenName',
  'name',
  'group',
  'mark',
  'percent',
  'term',
  'standsSo',
  'reason',
  'nothing',
] as const;
type MarkField = (typeof MARK_FIELDS)[number];

/** How the school's system wants its file. */
export interface MarksSetup {
  /** In their order, each with what stands over it. */
  readonly columns: readonly { readonly heading: string; readonly holds: MarkField }[];
  readonly delimiter: ',' | ';' | '\t';
  readonly decimal: '.' | ',';
  /** Whether the first line says what stands in the columns. */
  readonly headings: boolean;
}

/** JSON Schemas of a set-up. */
export const marksSetupFields = {
  columns: {
    type: 'array',
    minItems: 1,
    maxItems: 30,
    items: {
      type: 'object',
      required: ['heading', 'holds'],
      additionalProperties: false,
      properties: { heading: { type: 'string', maxLength: 80 }, holds: { enum: MARK_FIELDS } },
    },
  },
  delimiter: { enum: [',', ';', '\t'] },
  decimal: { enum: ['.', ','] },
  headings: { type: 'boolean' },
} as const;

/** One student of a term, as far as a file of marks can tell. */
export interface MarkOfStudent {
  readonly personId: string;
  /** The school's own id; null where it never told one. */
  readonly schoolId: string | null;
  readonly givenName: string;
  readonly familyName: string;
  /** As the class calls them. */
  readonly name: string;
  readonly group: string | null;
  /** The final mark; null where there is none. */
  readonly mark: string | null;
  readonly percent: number | null;
  /** In words why it stands although something was left to do; empty where nothing was. */
  readonly standsSo: string;
  /** Why it is another mark than the computed one. */
  readonly reason: string;
}

/** A file of marks line by line, its headings first where it has some. */
export function marksTable(
  setup: MarksSetup,
  term: string,
  students: readonly MarkOfStudent[],
): readonly (readonly string[])[] {
  const written = (figure: string) => (setup.decimal === ',' ? figure.replace('.', ',') : figure);
  const cell = (student: MarkOfStudent, holds: MarkField): string => {
    switch (holds) {
      case 'mark':
        // A word of the scale stays as it is written; a figure gets the system's decimals.
        return /^\d+(?:\.\d+)?$/.test(student.mark ?? '') ? written(student.mark!) : (student.mark ?? '');
      case 'percent':
        return student.percent === null ? '' : written(String(student.percent));
      case 'term':
        return term;
      case 'nothing':
        return '';
      default:
        return student[holds] ?? '';
    }
  };
  const lines = students.map((student) => setup.columns.map(({ holds }) => cell(student, holds)));
  return setup.headings ? [setup.columns.map(({ heading }) => heading), ...lines] : lines;
}

/**
 * The lines as CSV (RFC 4180, UTF-8 without a mark, which systems do not all know). A cell that a spreadsheet would compute gets an
 * apostrophe in front, as OWASP's page on CSV injection has it.
 */
export function marksCsv(lines: readonly (readonly string[])[], { delimiter }: MarksSetup): string {
  const csv = Papa.unparse(lines as string[][], { delimiter, escapeFormulae: true, newline: '\r\n' });
  return `${csv}\r\n`;
}

/** The marks of some students, by their ids. */
export function marksById(
  students: readonly Pick<MarkOfStudent, 'personId' | 'mark'>[],
): Readonly<Record<string, string | null>> {
  return Object.fromEntries(students.map(({ personId, mark }) => [personId, mark]));
}

/** A mark that is another one than in the file before. */
export interface MarkChange {
  readonly personId: string;
  /** Null where there was none, or nobody. */
  readonly before: string | null;
  readonly after: string | null;
}

/** What changed since the last file. @param last the marks in it, by student */
export function marksChanged(
  last: Readonly<Record<string, string | null>>,
  now: Readonly<Record<string, string | null>>,
): readonly MarkChange[] {
  return [...new Set([...Object.keys(last), ...Object.keys(now)])].flatMap((personId) => {
    const [before, after] = [last[personId] ?? null, now[personId] ?? null];
    return before === after ? [] : [{ personId, before, after }];
  });
}
