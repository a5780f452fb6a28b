/** A whole requirement's result as the grade sees it. */
interface GradedRequirement {
  readonly earned: number;
  readonly possible: number;
  readonly weight: 'required' | 'bonus' | 'advice';
  /** Not known yet: makes the grade provisional. */
  readonly unknown?: boolean;
}

export interface GradedCriterion {
  readonly id: string;
  /** How often its points count; 1 where absent. */
  readonly weight?: number;
  /** The points of each level, in the rubric's order. */
  readonly levels: readonly number[];
  /** Index of the level that was judged, null while none was. */
  readonly chosen: number | null;
}

export interface LateRule {
  readonly kind: 'none' | 'points' | 'percent';
  readonly perDay?: number;
  readonly graceMinutes?: number | null;
  readonly schoolDaysOnly?: boolean;
  /** Calendar dates without school. */
  readonly holidays?: readonly string[];
  /** Per cent of what is possible below which lateness alone never takes the grade. */
  readonly floorPercent?: number | null;
  /** More days late than this: worth nothing. */
  readonly lastDays?: number | null;
  readonly countFrom?: 'first' | 'accepted';
}

export interface GradeInput {
  readonly requirements: readonly GradedRequirement[];
  readonly rubric: readonly GradedCriterion[];
  readonly late?: LateRule | null;
  /** Local date and time in `timeZone`; null for no due time. */
  readonly due?: string | null;
  readonly timeZone: string;
  /** An agreed later due time for this one student, local. */
  readonly extension?: string | null;
  /** Instants (ISO 8601), oldest first. */
  readonly handIns: readonly string[];
  /** Index into `handIns` of the accepted one; null for the latest. */
  readonly accepted?: number | null;
  /** The most that the bonus can add. */
  readonly bonusCap?: number | null;
  /** The step that the grade is rounded to. */
  readonly rounding?: number | null;
  readonly override?: { readonly grade: number; readonly reason: string } | null;
}

const points = { type: 'number', minimum: 0, maximum: 1_000_000 } as const;
const localTime = { type: 'string', pattern: '^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}(:\\d{2})?$' } as const;
const maybe = <Of extends object>(of: Of) => ({ anyOf: [of, { type: 'null' }] }) as const;

/** JSON Schema of a late rule. */
export const lateRuleSchema = {
  type: 'object',
  required: ['kind'],
  additionalProperties: false,
  properties: {
    kind: { enum: ['none', 'points', 'percent'] },
    perDay: maybe(points),
    graceMinutes: maybe({ type: 'number', minimum: 0, maximum: 100_000 }),
    schoolDaysOnly: { type: 'boolean' },
    holidays: { type: 'array', items: { type: 'string', format: 'date' } },
    floorPercent: maybe({ type: 'number', minimum: 0, maximum: 100 }),
    lastDays: maybe({ type: 'integer', minimum: 0, maximum: 10_000 }),
    countFrom: { enum: ['first', 'accepted'] },
  },
} as const;

/** JSON Schema of a grade's input. */
export const gradeInputSchema = {
  type: 'object',
  required: ['requirements', 'rubric', 'timeZone', 'handIns'],
  properties: {
    requirements: {
      type: 'array',
      items: {
        type: 'object',
        required: ['earned', 'possible', 'weight'],
        properties: {
          earned: points,
          possible: points,
          weight: { enum: ['required', 'bonus', 'advice'] },
          unknown: { type: 'boolean' },
        },
      },
    },
    rubric: {
      type: 'array',
      items: {
        type: 'object',
        required: ['id', 'levels', 'chosen'],
        properties: {
          id: { type: 'string' },
          weight: points,
          levels: { type: 'array', minItems: 1, items: points },
          chosen: maybe({ type: 'integer', minimum: 0 }),
        },
      },
    },
    late: maybe(lateRuleSchema),
    due: maybe(localTime),
    timeZone: { type: 'string', minLength: 1 },
    extension: maybe(localTime),
    handIns: { type: 'array', items: { type: 'string', format: 'date-time' } },
    accepted: maybe({ type: 'integer', minimum: 0 }),
    bonusCap: maybe(points),
    rounding: maybe({ type: 'number', exclusiveMinimum: 0, maximum: 1000 }),
    override: maybe({
      type: 'object',
      required: ['grade', 'reason'],
      properties: { grade: points, reason: { type: 'string' } },
    }),
  },
} as const;
