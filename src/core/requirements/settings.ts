/** Pieces of JSON Schema that several kinds' settings share. */
export const count = { type: 'integer', minimum: 0, maximum: 100_000 } as const;
export const flag = { type: 'boolean' } as const;
export const labelList = {
  type: 'array',
  items: { type: 'string', minLength: 1, maxLength: 100 },
  maxItems: 100,
} as const;
