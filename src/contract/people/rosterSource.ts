import { NAME_ORDERS, type RosterSource } from '../../core/roster/rosterSource';
import { schemaOf } from '../input';

/** One megabyte is some 20,000 people. */
const file = { type: 'string', maxLength: 1_400_000 } as const;

/** JSON Schema of a roster's source. */
export const rosterSource = schemaOf<RosterSource>({
  type: 'object',
  required: ['kind'],
  discriminator: { propertyName: 'kind' },
  oneOf: [
    {
      properties: {
        kind: { const: 'lines' },
        text: { type: 'string', maxLength: 200_000 },
        order: { enum: NAME_ORDERS },
      },
      required: ['kind', 'text'],
      additionalProperties: false,
    },
    {
      properties: { kind: { const: 'csv' }, file },
      required: ['kind', 'file'],
      additionalProperties: false,
    },
    {
      properties: {
        kind: { const: 'oneRoster' },
        users: file,
        enrollments: file,
        oneRosterClass: { type: 'string', maxLength: 100 },
      },
      required: ['kind', 'users', 'enrollments', 'oneRosterClass'],
      additionalProperties: false,
    },
  ],
});
