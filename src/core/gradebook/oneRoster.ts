import Papa from 'papaparse';

/** A column as OneRoster calls it: a line item. */
export interface LineItem {
  readonly id: string;
  readonly title: string;
  /** The category that it counts in; null for none. */
  readonly categoryId: string | null;
  /** Points, from 0. */
  readonly possible: number;
  /** `2026-11-19`; both null where it is of no day. */
  readonly assigned: string | null;
  readonly due: string | null;
  /** The first day of its term; null where it is in none. */
  readonly term: string | null;
}

/** A cell of the gradebook as OneRoster calls it: a result. */
export interface LineResult {
  readonly lineItemId: string;
  /** The school's own id of the student or, where it told none, ours. */
  readonly studentId: string;
  readonly figure: number | null;
  readonly soFar: boolean;
  readonly handedIn: boolean;
  readonly excused: boolean;
  readonly missing: boolean;
  readonly late: boolean;
  /** `2026-11-19` */
  readonly day: string;
}

/** What of a class's gradebook goes into the files. */
export interface OneRosterGradebook {
  readonly classId: string;
  readonly categories: readonly { readonly id: string; readonly title: string; readonly weight: number }[];
  readonly lineItems: readonly LineItem[];
  readonly results: readonly LineResult[];
}

/** The files that the standard knows; those that are not there are said to be absent. */
const FILES = [
  'academicSessions',
  'categories',
  'classes',
  'classResources',
  'courses',
  'courseResources',
  'demographics',
  'enrollments',
  'lineItemLearningObjectiveIds',
  'lineItems',
  'lineItemScoreScales',
  'orgs',
  'resources',
  'resultLearningObjectiveIds',
  'results',
  'resultScoreScales',
  'roles',
  'scoreScales',
  'userProfiles',
  'userResources',
  'users',
] as const;
const THERE: ReadonlySet<(typeof FILES)[number]> = new Set(['categories', 'lineItems', 'results']);

/** What stands in no category needs one by the standard. */
const NO_CATEGORY = 'none';

/**
 * A gradebook as the files of OneRoster 1.2 (1EdTech, CSV Binding, gradebook part), for bulk processing: `manifest.csv`, `categories.csv`,
 * `lineItems.csv`, `results.csv`. By its rules files are UTF-8 without a mark, lines end in CR LF, and status and date of change are
 * empty in bulk files.
 * @param title of what stands in no category
 */
export function oneRosterFiles(
  { classId, categories, lineItems, results }: OneRosterGradebook,
  title: string,
): Readonly<Record<string, string>> {
  const item = (id: string) => `${classId}-${id}`;
  const category = (id: string | null) => item(id ?? NO_CATEGORY);
  const loose = lineItems.some(({ categoryId }) => categoryId === null);
  return {
    'manifest.csv': csv(
      ['propertyName', 'value'],
      [
        ['manifest.version', '1.0'],
        ['oneroster.version', '1.2'],
        ...FILES.map((name) => [`file.${name}`, THERE.has(name) ? 'bulk' : 'absent']),
        ['source.systemName', 'Green Porch'],
        ['source.systemCode', 'green-porch'],
      ],
    ),
    'categories.csv': csv(
      ['sourcedId', 'status', 'dateLastModified', 'title', 'weight'],
      [
        ...categories.map((one) => [category(one.id), '', '', one.title, String(one.weight)]),
        ...(loose ? [[category(null), '', '', title, '1']] : []),
      ],
    ),
    'lineItems.csv': csv(
      [
        ...['sourcedId', 'status', 'dateLastModified', 'title', 'description', 'assignDate', 'dueDate'],
        ...[
          'classSourcedId',
          'categorySourcedId',
          'gradingPeriodSourcedId',
          'resultValueMin',
          'resultValueMax',
        ],
        ...['schoolSourcedId', 'scoreScaleSourcedId'],
      ],
      lineItems.map(({ id, title: name, categoryId, possible, assigned, due, term }) => [
        ...[item(id), '', '', name, '', assigned ?? due ?? '', due ?? assigned ?? ''],
        ...[classId, category(categoryId), term ? item(term) : '', '0', String(possible)],
        ...['', ''],
      ]),
    ),
    'results.csv': csv(
      [
        ...[
          'sourcedId',
          'status',
          'dateLastModified',
          'lineItemSourcedId',
          'studentSourcedId',
          'scoreStatus',
          'score',
        ],
        ...[
          'scoreDate',
          'comment',
          'scoreScaleSourcedId',
          'textScore',
          'classSourcedId',
          'inProgress',
          'incomplete',
        ],
        ...['late', 'missing'],
      ],
      results.map((result) => {
        const { lineItemId, studentId, figure, day, soFar, late, missing } = result;
        return [
          ...[`${item(lineItemId)}-${studentId}`, '', '', item(lineItemId), studentId, statusOf(result)],
          ...[figure === null ? '' : String(figure), day, '', '', '', classId],
          ...[soFar, missing, late, missing].map(String),
        ];
      }),
    ),
  };
}

/** The standard's words for how a result stands. */
function statusOf({ excused, figure, soFar, handedIn }: LineResult): string {
  if (excused) return 'exempt';
  if (figure !== null) return soFar ? 'partially graded' : 'fully graded';
  return handedIn ? 'submitted' : 'not submitted';
}

function csv(fields: string[], data: string[][]): string {
  return `${Papa.unparse({ fields, data }, { escapeFormulae: true, newline: '\r\n' })}\r\n`;
}
