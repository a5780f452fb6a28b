/** The line of who tells a worry. */
export const worryWordsSchema = { type: 'string', maxLength: 2000 } as const;
