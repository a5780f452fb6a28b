import type { DetailKind } from '../../core/personal/found';
import type { Database } from '../ground/database/database';

/** That a personal detail is meant to be where it is. */
export interface DetailDecisionRow {
  readonly key: string;
  readonly reason: string;
  readonly givenName: string | null;
  readonly familyName: string | null;
  readonly at: Date;
}

/** What was decided about details of a post. */
export async function listDetailDecisions(
  database: Database,
  postId: string,
): Promise<readonly DetailDecisionRow[]> {
  return database.rows(
    `SELECT detail_key AS \`key\`, reason, given_name AS givenName, family_name AS familyName, decided_at AS at
     FROM detail_decisions LEFT JOIN people ON people.id = decided_by WHERE post_id = :postId`,
    { postId },
  );
}

/** The details that are meant to be there in the waiting posts of a class, by their keys. */
export async function listDetailsMeant(database: Database, classId: string): Promise<ReadonlySet<string>> {
  const rows = await database.rows<{ readonly key: string }>(
    `SELECT detail_key AS \`key\` FROM detail_decisions JOIN posts ON posts.id = post_id
     WHERE posts.class_id = :classId AND stage = 'handedIn'`,
    { classId },
  );
  return new Set(rows.map(({ key }) => key));
}

export async function upsertDetailDecision(
  database: Database,
  decision: {
    readonly postId: string;
    readonly kind: DetailKind;
    readonly key: string;
    readonly reason: string;
    readonly by: string;
    readonly at: Date;
  },
): Promise<void> {
  await database.change(
    `INSERT INTO detail_decisions (post_id, kind, detail_key, reason, decided_by, decided_at)
     VALUES (:postId, :kind, :key, :reason, :by, :at)
     ON DUPLICATE KEY UPDATE reason = :reason, decided_by = :by, decided_at = :at`,
    { ...decision },
  );
}

/** Takes back that a detail is meant to be there. */
export async function deleteDetailDecision(database: Database, postId: string, key: string): Promise<void> {
  await database.change('DELETE FROM detail_decisions WHERE post_id = :postId AND detail_key = :key', {
    postId,
    key,
  });
}
