/** A level of a criterion: its points and what it looks like. */
export interface Level {
  readonly points: number;
  readonly description: string;
}

export interface Criterion {
  readonly id: string;
  readonly name: string;
  /** How often its points count. */
  readonly weight: number;
  readonly levels: readonly Level[];
}

/** JSON Schema of a rubric: at least one criterion with two levels when an assignment is set. */
export const rubricSchema = {
  type: 'array',
  maxItems: 12,
  items: {
    type: 'object',
    required: ['id', 'name', 'weight', 'levels'],
    additionalProperties: false,
    properties: {
      id: { type: 'string', minLength: 1, maxLength: 60 },
      name: { type: 'string', minLength: 1, maxLength: 80 },
      weight: { type: 'number', exclusiveMinimum: 0, maximum: 100 },
      levels: {
        type: 'array',
        minItems: 2,
        maxItems: 8,
        items: {
          type: 'object',
          required: ['points', 'description'],
          additionalProperties: false,
          properties: {
            points: { type: 'number', minimum: 0, maximum: 1000 },
            description: { type: 'string', maxLength: 200 },
          },
        },
      },
    },
  },
} as const;

/** The most that a rubric can earn. */
export function rubricPoints(rubric: readonly Criterion[]): number {
  return rubric.reduce(
    (sum, criterion) =>
      sum + criterion.weight * Math.max(0, ...criterion.levels.map((level) => level.points)),
    0,
  );
}
