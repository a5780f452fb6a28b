import { readOneRoster } from '../../core/roster/readOneRoster';
import { readRosterCsv } from '../../core/roster/readRosterCsv';
import { readRosterLines } from '../../core/roster/readRosterLines';
import type { RosterRecord, RosterRemark } from '../../core/roster/rosterRecord';
import type { RosterSource } from '../../core/roster/rosterSource';
import { done, refused, type Result } from '../access/useCase';

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

export interface RosterRecords {
  readonly records: readonly RosterRecord[];
  /** Lines that hold no single name, with what stands there. */
  readonly refused: readonly (RosterRemark & { readonly text: string })[];
  readonly warnings: readonly RosterRemark[];
}

/** The records of a source, or why it cannot be read. */
export function readSource(source: RosterSource): Result<RosterRecords> {
  if (source.kind === 'lines') return done(readRosterLines(source.text));
  const read =
    source.kind === 'csv'
      ? readRosterCsv(bytesOf(source.file))
      : readOneRoster(
          { users: bytesOf(source.users), enrollments: bytesOf(source.enrollments) },
          source.oneRosterClass,
        );
  if (!read.ok) return refused(`roster.${read.problem}`, 'source', { row: read.row ?? 0 });
  return done({ records: read.records, refused: [], warnings: read.warnings });
}

function bytesOf(base64: string): Uint8Array {
  return Buffer.from(base64, 'base64');
}
