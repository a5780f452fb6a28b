/** What a column of a gradebook is about: a post, or something that no post stands behind. */
interface GradebookColumn {
  readonly id: string;
  /** The category that it counts in; null or absent for none. */
  readonly category?: string | null;
  /** Points, from 0. */
  readonly possible: number;
  /** An instant (ISO 8601), where it is due. */
  readonly due?: string | null;
}

export interface GradebookCategory {
  readonly id: string;
  /** How much it counts beside the others; 1 where absent. */
  readonly weight?: number;
  /** So many of its lowest cells are left out; 0 where absent. */
  readonly dropLowest?: number;
}

export interface GradebookCell {
  readonly grade?: number | null;
  readonly handedIn?: boolean;
  readonly excused?: boolean;
  /** The student's own due time, in place of the column's. */
  readonly due?: string | null;
}

export interface GradebookStudent {
  readonly id: string;
  /** By column; one without a cell has an empty one. */
  readonly cells: Readonly<Record<string, GradebookCell>>;
}

/** What figures are made of, and by which rules. */
export interface GradebookInput {
  readonly columns: readonly GradebookColumn[];
  readonly categories: readonly GradebookCategory[];
  /** Whether a point is worth the same in each column of a category, or each column; points where absent. */
  readonly counting?: 'points' | 'equal';
  /** What is not handed in and overdue: counts as 0, or not at all; the latter where absent. */
  readonly missing?: 'zero' | 'leftOut';
  /** No overall goes beyond so many per cent; null or absent for no cap. */
  readonly cap?: number | null;
  /** The step that scores and overalls are rounded to; 0.1 where absent. */
  readonly rounding?: number;
  readonly bands?: readonly { readonly letter: string; readonly from: number }[];
  /** The instant by which is told what is overdue. */
  readonly now: string;
  readonly students: readonly GradebookStudent[];
}

/** Points and per cents, in the parts that figures are exact to: see `exact.ts`. */
const figure = { type: 'number', minimum: 0, maximum: 100_000_000 } as const;
const maybe = <Of extends object>(of: Of) => ({ anyOf: [of, { type: 'null' }] }) as const;
const id = { type: 'string' } as const;
const instant = { type: 'string', format: 'date-time' } as const;

/** JSON Schema of a gradebook; what belongs together is looked at by `gradebook`. */
export const gradebookInputSchema = {
  type: 'object',
  required: ['columns', 'categories', 'now', 'students'],
  properties: {
    columns: {
      type: 'array',
      items: {
        type: 'object',
        required: ['id', 'possible'],
        properties: { id, category: maybe(id), possible: figure, due: maybe(instant) },
      },
    },
    categories: {
      type: 'array',
      items: {
        type: 'object',
        required: ['id'],
        properties: { id, weight: figure, dropLowest: { type: 'integer', minimum: 0 } },
      },
    },
    counting: { enum: ['points', 'equal'] },
    missing: { enum: ['zero', 'leftOut'] },
    cap: maybe(figure),
    rounding: { type: 'number', minimum: 0.000001, maximum: 1000 },
    bands: {
      type: 'array',
      items: {
        type: 'object',
        required: ['letter', 'from'],
        properties: { letter: { type: 'string' }, from: figure },
      },
    },
    now: instant,
    students: {
      type: 'array',
      items: {
        type: 'object',
        required: ['id', 'cells'],
        properties: {
          id,
          cells: {
            type: 'object',
            additionalProperties: {
              type: 'object',
              properties: {
                grade: maybe(figure),
                handedIn: { type: 'boolean' },
                excused: { type: 'boolean' },
                due: maybe(instant),
              },
            },
          },
        },
      },
    },
  },
} as const;
