import type { RosterSource } from '../../core/roster/rosterSource';
import type { RosterRecords } from '../../workers/tasks/readRoster';
import { done, refused, type Result } from '../access/useCase';
import { work } from '../work/work';

/** One megabyte is some 20,000 people. */
const file = { type: 'string', maxLength: 1_400_000 } as const;

/** JSON Schema of a roster's source. */
export const rosterSource = {
  type: 'object',
  required: ['kind'],
  discriminator: { propertyName: 'kind' },
  oneOf: [
    {
      properties: { kind: { const: 'lines' }, text: { type: 'string', maxLength: 200_000 } },
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
} as const;

/** The records of a source, read beside the thread that answers everybody; or why it cannot be read. @param by for whom */
export async function readSource(source: RosterSource, by: string): Promise<Result<RosterRecords>> {
  const worked = await work('readRoster', source, by);
  if (!worked.ok) return refused('roster.tooMuch', 'source');
  const read = worked.value;
  if (!read.ok) return refused(`roster.${read.problem}`, 'source', { row: read.row });
  const { records, refused: notRead, warnings } = read;
  return done({ records, refused: notRead, warnings });
}
