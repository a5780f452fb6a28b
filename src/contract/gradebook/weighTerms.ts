import { deed } from '../deed';
import { termField } from './termField';

/** Says how much each term counts in the year. */
export const weighTerms = deed({
  name: 'weighTerms',
  on: 'class',
  action: 'gradebook.change',
  fields: {
    weights: {
      type: 'array',
      minItems: 1,
      maxItems: 12,
      items: {
        type: 'object',
        required: ['term', 'weight'],
        additionalProperties: false,
        properties: {
          term: termField,
          weight: { type: 'number', minimum: 0, maximum: 1000 },
        },
      },
    },
  },
}).answers<null>();
