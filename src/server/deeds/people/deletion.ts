import { goesForGoodAt } from '../../../core/privacy/reversible';
import type { PersonHoldings } from '../../../core/privacy/holdings';
import { done, NOT_THERE, refused, type Result } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { insertJob } from '../../ground/jobs/queries';
import { drawBackToWhatIsAllowed } from '../consents/drawBackToWhatIsAllowed';
import { renewShownOf } from '../subjects/renewShown';

export async function countHoldings(database: Database, personId: string): Promise<PersonHoldings> {
  const [row] = await database.rows<PersonHoldings>(
    `SELECT (SELECT COUNT(*) FROM posts WHERE writer_id = :personId) AS posts,
       (SELECT COUNT(*) FROM publications JOIN posts ON posts.id = post_id
        WHERE writer_id = :personId AND until IS NULL) AS published,
       (SELECT COUNT(*) FROM revisions JOIN posts ON posts.id = post_id WHERE writer_id = :personId) AS revisions,
       (SELECT COUNT(*) FROM notes JOIN posts ON posts.id = post_id WHERE writer_id = :personId) AS notes,
       (SELECT COUNT(*) FROM pictures WHERE uploaded_by = :personId) AS pictures,
       (SELECT COUNT(*) FROM comments WHERE author_id = :personId) AS comments,
       (SELECT COUNT(*) FROM pages WHERE changed_by = :personId
          OR id IN (SELECT page_id FROM page_revisions WHERE written_by = :personId)) AS pages`,
    { personId },
  );
  return row ?? { posts: 0, published: 0, revisions: 0, notes: 0, pictures: 0, comments: 0, pages: 0 };
}

export interface DeletedRow {
  readonly deletedAt: Date;
  readonly eraseAt: Date;
}

/** When a person was deleted and goes for good, held until the transaction ends; null for who is not deleted. */
export async function lockDeleted(database: Database, personId: string): Promise<DeletedRow | null> {
  const [row] = await database.rows<DeletedRow>(
    `SELECT deleted_at AS deletedAt, erase_at AS eraseAt FROM people
     WHERE id = :personId AND deleted_at IS NOT NULL FOR UPDATE`,
    { personId },
  );
  return row ?? null;
}

/**
 * Hides a person: out of every class, signed out, nothing of theirs before readers. All of it bears the same moment, by
 * which it is found again when they are brought back.
 */
async function hidePerson(
  database: Database,
  { personId, at, eraseAt }: { readonly personId: string; readonly at: Date; readonly eraseAt: Date },
): Promise<void> {
  await database.change('UPDATE people SET deleted_at = :at, erase_at = :eraseAt WHERE id = :personId', {
    personId,
    at,
    eraseAt,
  });
  await database.change(
    'UPDATE memberships SET left_at = :at WHERE person_id = :personId AND left_at IS NULL',
    { personId, at },
  );
  await database.change('DELETE FROM sessions WHERE person_id = :personId', { personId });
  await database.change(
    `UPDATE publications SET until = :at
     WHERE until IS NULL AND post_id IN (SELECT id FROM posts WHERE writer_id = :personId)`,
    { personId, at },
  );
}

/** Hides a person now and erases everything of theirs later; when that will be. */
export async function beginDeletion(database: Database, personId: string, now: Date): Promise<Date> {
  const eraseAt = goesForGoodAt(now);
  await hidePerson(database, { personId, at: now, eraseAt });
  await renewShownOf(database, personId, now);
  await insertJob(database, { kind: 'erasePerson', payload: { personId }, at: eraseAt });
  return eraseAt;
}

/** Brings a hidden person back, with the places in classes and the readers that they had at that moment. */
async function unhidePerson(
  database: Database,
  { personId, deletedAt }: { readonly personId: string; readonly deletedAt: Date },
): Promise<void> {
  await database.change('UPDATE people SET deleted_at = NULL, erase_at = NULL WHERE id = :personId', {
    personId,
  });
  await database.change(
    'UPDATE memberships SET left_at = NULL WHERE person_id = :personId AND left_at = :deletedAt',
    { personId, deletedAt },
  );
  await database.change(
    `UPDATE publications SET until = NULL
     WHERE until = :deletedAt AND post_id IN (SELECT id FROM posts WHERE writer_id = :personId)`,
    { personId, deletedAt },
  );
}

/** Brings a deleted person back while that is still possible. */
export async function endDeletion(
  database: Database,
  personId: string,
  { by, now }: { readonly by: string; readonly now: Date },
): Promise<Result<null>> {
  const deleted = await lockDeleted(database, personId);
  if (!deleted) return NOT_THERE;
  if (deleted.eraseAt <= now) return refused('roster.goneForGood');
  await unhidePerson(database, { personId, deletedAt: deleted.deletedAt });
  // What was narrowed meanwhile is narrow for them too.
  await drawBackToWhatIsAllowed(database, personId, { by, now });
  return done(null);
}
