/** JSON Schema of a term by its first day. */
export const termField = { type: 'string', format: 'date' } as const;

/** The same, or `year` for all terms together. */
export const termOrYearField = { type: 'string', pattern: '^(?:year|\\d{4}-\\d{2}-\\d{2})$' } as const;
