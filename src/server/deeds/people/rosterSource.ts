import type { RosterSource } from '../../../core/roster/rosterSource';
import type { RosterRecords } from '../../../workers/tasks/readRoster';
import { done, refused, type Result } from '../../ground/access/useCase';
import { work } from '../../ground/work/work';

/** The records of a source, read beside the thread that answers everybody; or why it cannot be read. @param by for whom */
export async function readSource(source: RosterSource, by: string): Promise<Result<RosterRecords>> {
  const worked = await work('readRoster', source, by);
  if (!worked.ok) return refused('roster.tooMuch', 'source');
  const read = worked.value;
  if (!read.ok) return refused(`roster.${read.problem}`, 'source', { row: read.row });
  const { records, refused: notRead, warnings, asksOrder } = read;
  return done({ records, refused: notRead, warnings, asksOrder });
}
