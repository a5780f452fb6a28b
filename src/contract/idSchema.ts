/** JSON Schema of an identifier of ours, as `newId` makes them. */
export const idSchema = { type: 'string', pattern: '^[0-9a-z]{1,16}$' } as const;

/** The same, or null for none. */
export const maybeIdSchema = { anyOf: [idSchema, { type: 'null' }] } as const;
