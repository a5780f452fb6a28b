import type { HouseLanguage } from '../../core/languages/languages';
import { isHeld, TEACHING } from '../ground/access/roles';
import type { Database } from '../ground/database/database';

/** Somebody who can look after worries where nobody is named for it, or those who are cannot. */
export interface StandbyRow {
  readonly personId: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly email: string | null;
  readonly language: HouseLanguage | null;
  readonly administrates: boolean;
  /** Whether they teach the class. */
  readonly teaches: boolean;
}

const PERSON = 'people.id AS personId, given_name AS givenName, family_name AS familyName, email, language';

/** The administrators, and the teachers of a class. */
export async function listStandby(
  database: Database,
  classId: string | null,
): Promise<readonly StandbyRow[]> {
  const rows = await database.rows<
    Omit<StandbyRow, 'administrates' | 'teaches'> & {
      readonly administrates: number;
      readonly teaches: number;
    }
  >(
    `SELECT ${PERSON}, account <=> 'administrator' AS administrates, memberships.person_id IS NOT NULL AS teaches
     FROM people LEFT JOIN memberships ON memberships.person_id = people.id AND class_id = :classId
       AND role IN ${TEACHING} AND ${isHeld()}
     WHERE people.deleted_at IS NULL AND (account <=> 'administrator' OR memberships.person_id IS NOT NULL)
     ORDER BY people.id`,
    { classId },
  );
  return rows.map((row) => ({ ...row, administrates: row.administrates === 1, teaches: row.teaches === 1 }));
}

/** Whether somebody administrates the house, and the classes that they teach. */
export async function findStandbyOf(
  database: Database,
  personId: string,
): Promise<{ readonly administrates: boolean; readonly classIds: ReadonlySet<string> }> {
  const rows = await database.rows<{ readonly administrates: number; readonly classId: string | null }>(
    `SELECT account <=> 'administrator' AS administrates, class_id AS classId
     FROM people LEFT JOIN memberships ON memberships.person_id = people.id AND role IN ${TEACHING} AND ${isHeld()}
     WHERE people.id = :personId AND deleted_at IS NULL`,
    { personId },
  );
  return {
    administrates: rows.some((row) => row.administrates === 1),
    classIds: new Set(rows.flatMap((row) => row.classId ?? [])),
  };
}
