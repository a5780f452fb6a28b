import { deed } from '../deed';

/** Makes a column that no post stands behind, or changes one: an oral, a test. */
export const keepColumn = deed({
  name: 'keepColumn',
  on: 'class',
  action: 'gradebook.change',
  fields: {
    /** Null makes one. */
    columnId: { anyOf: [{ type: 'string', maxLength: 16 }, { type: 'null' }] },
    title: { type: 'string', minLength: 1, maxLength: 80 },
    possible: { type: 'number', minimum: 0, maximum: 100_000 },
    day: { anyOf: [{ type: 'string', format: 'date' }, { type: 'null' }] },
    categoryId: { anyOf: [{ type: 'string', maxLength: 16 }, { type: 'null' }] },
  },
}).answers<{ readonly columnId: string }>();
