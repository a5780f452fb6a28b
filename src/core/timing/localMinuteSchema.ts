/** JSON Schema of a local date and time to the minute, `2026-11-19T16:00`: one that there can be, but for the length of the month. */
export const localMinuteSchema = {
  type: 'string',
  pattern: '^[1-9]\\d{3}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])T([01]\\d|2[0-3]):[0-5]\\d$',
} as const;

/** The same, or none. */
export const maybeLocalMinuteSchema = { anyOf: [localMinuteSchema, { type: 'null' }] } as const;
