import { deed } from '../deed';

/** Gives figures of an own column back: their students see them from then on. */
export const giveBackColumn = deed({
  name: 'giveBackColumn',
  on: 'class',
  action: 'gradebook.grade',
  fields: {
    columnId: { type: 'string', maxLength: 16 },
    /** As they stand in the eyes of who gives them back. */
    figures: {
      type: 'array',
      minItems: 1,
      maxItems: 5000,
      items: {
        type: 'object',
        required: ['personId', 'figure'],
        additionalProperties: false,
        properties: {
          personId: { type: 'string', maxLength: 16 },
          figure: { type: 'number', minimum: 0, maximum: 100_000 },
        },
      },
    },
    /** Why figures that were given back before are others now. */
    reason: { type: 'string', maxLength: 300 },
  },
}).answers<{ readonly given: number; readonly otherwise: number }>();
