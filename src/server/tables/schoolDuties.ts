import { TENDING_DUTIES, type SchoolDuty } from '../../core/safety/caseReaders';
import type { HouseLanguage } from '../../core/languages/languages';
import type { Database } from '../ground/database/database';

export interface DutyRow {
  readonly duty: SchoolDuty;
  readonly personId: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly email: string | null;
  readonly language: HouseLanguage | null;
}

/** Whom the school named, those who are there and can sign in. */
export async function listDuties(database: Database): Promise<readonly DutyRow[]> {
  return database.rows<DutyRow>(
    `SELECT duty, person_id AS personId, given_name AS givenName, family_name AS familyName, email, language
     FROM school_duties JOIN people ON people.id = person_id
     WHERE deleted_at IS NULL AND account IS NOT NULL ORDER BY FIELD(duty, 'safetyPerson', 'deputy', 'head')`,
  );
}

/** Those of them who look after worries. */
export function tending(duties: readonly DutyRow[]): readonly DutyRow[] {
  return duties.filter(({ duty }) => TENDING_DUTIES.some((one) => one === duty));
}

/** Names somebody for a duty, or nobody. */
export async function updateDuty(
  database: Database,
  duty: SchoolDuty,
  personId: string | null,
): Promise<void> {
  if (personId === null) await database.change('DELETE FROM school_duties WHERE duty = :duty', { duty });
  else
    await database.change(
      'INSERT INTO school_duties (duty, person_id) VALUES (:duty, :personId) ON DUPLICATE KEY UPDATE person_id = :personId',
      { duty, personId },
    );
}
