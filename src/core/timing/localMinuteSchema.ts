/** JSON Schema of a local date and time to the minute, `2026-11-19T16:00`. */
export const localMinuteSchema = { type: 'string', pattern: '^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$' } as const;

/** The same, or none. */
export const maybeLocalMinuteSchema = { anyOf: [localMinuteSchema, { type: 'null' }] } as const;
