import type { Database } from '../ground/database/database';

/** A class that would like to take in a student of another. */
export interface JoinRequestRow {
  readonly classId: string;
  readonly personId: string;
  readonly groupName: string | null;
  readonly askedBy: string | null;
  readonly askedAt: Date;
  readonly declinedAt: Date | null;
}

export async function upsertJoinRequest(
  database: Database,
  request: Omit<JoinRequestRow, 'declinedAt'>,
): Promise<void> {
  await database.change(
    `INSERT INTO join_requests (class_id, person_id, group_name, asked_by, asked_at)
     VALUES (:classId, :personId, :groupName, :askedBy, :askedAt)
     ON DUPLICATE KEY UPDATE group_name = :groupName, asked_by = :askedBy, asked_at = :askedAt, declined_at = NULL`,
    { ...request },
  );
}

/** A request that waits, or null. */
export async function findJoinRequest(
  database: Database,
  { classId, personId }: Pick<JoinRequestRow, 'classId' | 'personId'>,
): Promise<JoinRequestRow | null> {
  const [row] = await database.rows<JoinRequestRow>(
    `SELECT class_id AS classId, person_id AS personId, group_name AS groupName, asked_by AS askedBy,
       asked_at AS askedAt, declined_at AS declinedAt
     FROM join_requests WHERE class_id = :classId AND person_id = :personId AND declined_at IS NULL`,
    { classId, personId },
  );
  return row ?? null;
}

export async function deleteJoinRequest(
  database: Database,
  { classId, personId }: Pick<JoinRequestRow, 'classId' | 'personId'>,
): Promise<number> {
  return database.change('DELETE FROM join_requests WHERE class_id = :classId AND person_id = :personId', {
    classId,
    personId,
  });
}

export async function markJoinDeclined(
  database: Database,
  { classId, personId, at }: Pick<JoinRequestRow, 'classId' | 'personId'> & { readonly at: Date },
): Promise<number> {
  return database.change(
    'UPDATE join_requests SET declined_at = :at WHERE class_id = :classId AND person_id = :personId',
    { classId, personId, at },
  );
}

/** A request with the words that people know its parts by. */
export interface JoinRequestShown {
  readonly classId: string;
  readonly classTitle: string;
  readonly classGroup: string;
  readonly personId: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly teacherGiven: string;
  readonly teacherFamily: string;
  readonly homeTitle: string | null;
  readonly homeGroup: string | null;
  readonly askedAt: Date;
  readonly declinedAt: Date | null;
}

const SHOWN = `SELECT join_requests.class_id AS classId, classes.title AS classTitle, classes.group_name AS classGroup,
    person_id AS personId, people.given_name AS givenName, people.family_name AS familyName,
    COALESCE(teachers.given_name, '') AS teacherGiven, COALESCE(teachers.family_name, '') AS teacherFamily,
    homes.title AS homeTitle, homes.group_name AS homeGroup, asked_at AS askedAt, declined_at AS declinedAt
  FROM join_requests JOIN classes ON classes.id = join_requests.class_id AND classes.deleted_at IS NULL
  JOIN people ON people.id = person_id AND people.deleted_at IS NULL
  LEFT JOIN people AS teachers ON teachers.id = asked_by
  LEFT JOIN classes AS homes ON homes.id = people.home_class_id`;

/** What other classes ask of a home class, the oldest first. */
export async function listRequestsTo(
  database: Database,
  homeClassId: string,
): Promise<readonly JoinRequestShown[]> {
  return database.rows<JoinRequestShown>(
    `${SHOWN} WHERE people.home_class_id = :homeClassId AND declined_at IS NULL ORDER BY asked_at, personId`,
    { homeClassId },
  );
}

/** What a class has asked of others and was not granted yet, the oldest first. */
export async function listRequestsOf(
  database: Database,
  classId: string,
): Promise<readonly JoinRequestShown[]> {
  return database.rows<JoinRequestShown>(
    `${SHOWN} WHERE join_requests.class_id = :classId ORDER BY asked_at, personId LIMIT 500`,
    { classId },
  );
}

/** Everything of the kind that waits in the install, the oldest first: for administrators. */
export async function listWaitingRequests(database: Database): Promise<readonly JoinRequestShown[]> {
  return database.rows<JoinRequestShown>(
    `${SHOWN} WHERE declined_at IS NULL ORDER BY asked_at, personId LIMIT 200`,
  );
}

/** Gives a student another home class. */
export async function updateHomeClass(
  database: Database,
  { personId, classId }: { readonly personId: string; readonly classId: string },
): Promise<void> {
  await database.change('UPDATE people SET home_class_id = :classId WHERE id = :personId', {
    personId,
    classId,
  });
}
