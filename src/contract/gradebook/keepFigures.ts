import { deed } from '../deed';

const figure = { anyOf: [{ type: 'number', minimum: 0, maximum: 100_000 }, { type: 'null' }] } as const;

/** A cell that somebody else typed in meanwhile: what stands there now, and who typed it. */
export interface TakenCell {
  readonly columnId: string;
  readonly personId: string;
  readonly figure: number | null;
  readonly by: string;
}

/**
 * Types figures into own columns, one or a block. A cell in which something else stands by now than who types has seen is left as it is
 * and told.
 */
export const keepFigures = deed({
  name: 'keepFigures',
  on: 'class',
  action: 'gradebook.grade',
  fields: {
    cells: {
      type: 'array',
      minItems: 1,
      maxItems: 5000,
      items: {
        type: 'object',
        required: ['columnId', 'personId', 'figure', 'was'],
        additionalProperties: false,
        properties: {
          columnId: { type: 'string', maxLength: 16 },
          personId: { type: 'string', maxLength: 16 },
          /** At most three decimals are kept; null takes it away. */
          figure,
          was: figure,
        },
      },
    },
  },
}).answers<{ readonly kept: number; readonly taken: readonly TakenCell[] }>();
