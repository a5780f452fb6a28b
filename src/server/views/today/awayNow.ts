import { awayUntil } from '../../../core/classes/absences';
import { localDate } from '../../../core/timing/zonedTime';
import type { Desk } from '../../deeds/sessions/desk';
import { database } from '../../ground/database/database';
import { listAbsences } from '../../tables/absences';

/** Until which day who looks is away, in words; null where they are there. */
export async function awayNow({ personId, now, place }: Desk): Promise<string | null> {
  const today = localDate(now.getTime(), place.timeZone);
  return awayUntil(await listAbsences(database, personId), today, place.language);
}
