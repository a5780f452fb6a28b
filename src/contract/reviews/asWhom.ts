/**
 * Whether a page judges as the second reader of a post: where that began or ended meanwhile, what is said there would count as another's.
 * Absent where nobody looks.
 */
export const asWhomField = { second: { type: 'boolean' } } as const;
