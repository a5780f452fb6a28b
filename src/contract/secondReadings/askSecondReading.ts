import { deed } from '../deed';
import { schemaOf } from '../input';
import type { SecondChoice } from '../../core/grading/secondReading';

const points = { type: 'number', minimum: 0, maximum: 100_000 } as const;

/** Asks another teacher of the class to judge posts of an assignment too, without seeing what was given first. */
export const askSecondReading = deed({
  name: 'askSecondReading',
  on: 'assignment',
  action: 'reading.ask',
  fields: {
    readerId: { type: 'string', maxLength: 16 },
    which: schemaOf<SecondChoice>({
      oneOf: [
        {
          type: 'object',
          required: ['kind'],
          additionalProperties: false,
          properties: { kind: { const: 'all' } },
        },
        {
          type: 'object',
          required: ['kind', 'count'],
          additionalProperties: false,
          properties: { kind: { const: 'sample' }, count: { type: 'integer', minimum: 1, maximum: 10_000 } },
        },
        {
          type: 'object',
          required: ['kind', 'borders', 'within'],
          additionalProperties: false,
          properties: {
            kind: { const: 'border' },
            borders: { type: 'array', items: points, minItems: 1, maxItems: 20 },
            within: points,
          },
        },
      ],
    }),
  },
}).answers<{ readonly asked: number }>();
