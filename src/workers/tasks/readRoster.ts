import { readOneRoster } from '../../core/roster/readOneRoster';
import { readRosterCsv } from '../../core/roster/readRosterCsv';
import { readRosterLines } from '../../core/roster/readRosterLines';
import type { RosterProblem, RosterRecord, RosterRemark } from '../../core/roster/rosterRecord';
import type { RosterSource } from '../../core/roster/rosterSource';

export interface RosterRecords {
  readonly records: readonly RosterRecord[];
  /** Lines that hold no single name, with what stands there. */
  readonly refused: readonly (RosterRemark & { readonly text: string })[];
  readonly warnings: readonly RosterRemark[];
  /** Whether it has to be asked which column is the family name. */
  readonly asksOrder: boolean;
}

type RosterRead =
  | ({ readonly ok: true } & RosterRecords)
  | { readonly ok: false; readonly problem: RosterProblem; readonly row: number };

/** The records of a class list or a file, or why it cannot be read. */
export function readRoster(source: RosterSource): RosterRead {
  if (source.kind === 'lines') return { ok: true, ...readRosterLines(source.text, source.order) };
  const read =
    source.kind === 'csv'
      ? readRosterCsv(bytesOf(source.file))
      : readOneRoster(
          { users: bytesOf(source.users), enrollments: bytesOf(source.enrollments) },
          source.oneRosterClass,
        );
  if (!read.ok) return { ok: false, problem: read.problem, row: read.row ?? 0 };
  return {
    ok: true,
    records: read.records,
    refused: read.leftOut ?? [],
    warnings: read.warnings,
    asksOrder: false,
  };
}

function bytesOf(base64: string): Uint8Array {
  return Buffer.from(base64, 'base64');
}
