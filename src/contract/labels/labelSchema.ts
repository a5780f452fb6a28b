/** JSON Schema of a label as it is written. */
export const labelSchema = { type: 'string', minLength: 1, maxLength: 60, pattern: '\\S' } as const;
