import { deed } from '../deed';

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
          /** The first day of the term. */
          term: { type: 'string', format: 'date' },
          weight: { type: 'number', minimum: 0, maximum: 1000 },
        },
      },
    },
  },
}).answers<null>();
