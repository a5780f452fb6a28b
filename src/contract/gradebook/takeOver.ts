import { deed } from '../deed';
import { termField } from './termField';

/** Has figures that changed after their term was closed count in it. */
export const takeOver = deed({
  name: 'takeOver',
  on: 'class',
  action: 'gradebook.change',
  fields: {
    term: termField,
    figures: {
      type: 'array',
      minItems: 1,
      maxItems: 5000,
      items: {
        type: 'object',
        required: ['personId', 'columnId', 'figure'],
        additionalProperties: false,
        properties: {
          personId: { type: 'string', maxLength: 16 },
          columnId: { type: 'string', maxLength: 16 },
          /** As it stands now in the eyes of who takes it over; null where there is none any more. */
          figure: { anyOf: [{ type: 'number' }, { type: 'null' }] },
        },
      },
    },
  },
}).answers<{ readonly taken: number }>();
