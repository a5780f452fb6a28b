import type { Audience } from '../../core/access/audience';
import type { PersonName } from '../../core/people/names';
import type { Days } from '../../core/privacy/daysBeyond';
import type { Database } from '../ground/database/database';
import { newId } from '../ground/database/newId';
import { textsFrom } from './columns';
import { isAway } from './wordsAway';
import { idsFrom } from './idsFrom';

/** A circle of readers: those of the class, those with the passphrase, everybody. */
export type Reach = Exclude<Audience, 'writerAndTeachers'>;

/** What is published of a post, as it is worked out which circles see it. */
export interface ToShow {
  readonly postId: string;
  readonly classId: string;
  readonly writerId: string;
  readonly assignmentId: string | null;
  readonly revisionId: string;
  readonly audience: Audience;
  /** Since when readers see the post at all. */
  readonly shownAt: Date;
  readonly away: boolean;
}

/** Posts of one class: all of them, or some. */
export interface PostsToShow {
  readonly classId: string;
  readonly postIds: readonly string[] | null;
}

/** SQL: these posts, as what a query begins with: by their numbers where they are named, however many others the class has. */
const postsOf = ({ postIds }: PostsToShow): string =>
  postIds === null ? 'posts' : `${idsFrom(':postIds')} AS asked STRAIGHT_JOIN posts ON posts.id = asked.id`;

const asked = ({ classId, postIds }: PostsToShow) => ({
  classId,
  postIds: postIds && JSON.stringify(postIds),
});

/** What of these posts is published now, with the names of its writer and the labels under which it was handed in. */
export async function listToShow(
  database: Database,
  which: PostsToShow,
): Promise<readonly (ToShow & { readonly name: PersonName; readonly labels: readonly string[] })[]> {
  const rows = await database.rows<
    Omit<ToShow, 'away'> & PersonName & { readonly away: number; readonly labels: string }
  >(
    `SELECT posts.id AS postId, posts.class_id AS classId, posts.writer_id AS writerId, posts.assignment_id AS assignmentId,
       publications.revision_id AS revisionId, publications.audience, ${isAway()} AS away,
       given_name AS givenName, family_name AS familyName, pen_name AS penName, revisions.labels,
       (SELECT MIN(since) FROM publications AS first WHERE first.post_id = posts.id) AS shownAt
     FROM ${postsOf(which)} STRAIGHT_JOIN publications ON publications.post_id = posts.id AND publications.until IS NULL
     JOIN revisions ON revisions.id = publications.revision_id
     JOIN people ON people.id = posts.writer_id
     WHERE posts.class_id = :classId`,
    asked(which),
  );
  return rows.map(({ givenName, familyName, penName, ...row }) => ({
    ...row,
    name: { givenName, familyName, penName },
    away: row.away === 1,
    labels: textsFrom(row.labels),
  }));
}

/** The class of each of these posts. */
export async function listClassesOfPosts(
  database: Database,
  postIds: readonly string[],
): Promise<readonly { readonly postId: string; readonly classId: string }[]> {
  return database.rows(
    `SELECT posts.id AS postId, class_id AS classId
     FROM posts JOIN ${idsFrom(':postIds')} AS asked ON asked.id = posts.id`,
    { postIds: JSON.stringify(postIds) },
  );
}

/** That a circle of readers sees a post, and on which days if it is beyond the class. */
export interface ShownRow extends ToShow {
  readonly reach: Reach;
  readonly beyond: Days;
}

/** A label that readers see at a post. */
export interface ShownLabelRow {
  readonly postId: string;
  readonly classId: string;
  readonly key: string;
  readonly label: string;
  readonly place: number;
  readonly shownAt: Date;
}

/** Which circles see these posts, as it was worked out last. */
export async function listShownRows(database: Database, which: PostsToShow): Promise<readonly ShownRow[]> {
  const rows = await database.rows<Omit<ShownRow, 'away' | 'beyond'> & Days & { readonly away: number }>(
    `SELECT post_id AS postId, reach, shown_posts.class_id AS classId, shown_posts.writer_id AS writerId,
       shown_posts.assignment_id AS assignmentId, revision_id AS revisionId, shown_posts.audience, shown_at AS shownAt, away,
       DATE_FORMAT(beyond_from, '%Y-%m-%d') AS \`from\`, DATE_FORMAT(beyond_until, '%Y-%m-%d') AS \`until\`
     FROM ${postsOf(which)} STRAIGHT_JOIN shown_posts ON post_id = posts.id WHERE posts.class_id = :classId`,
    asked(which),
  );
  return rows.map(({ from, until, ...row }) => ({ ...row, away: row.away === 1, beyond: { from, until } }));
}

/** The labels that readers see at these posts, as it was worked out last. */
export async function listShownLabelRows(
  database: Database,
  which: PostsToShow,
): Promise<readonly ShownLabelRow[]> {
  return database.rows(
    `SELECT post_id AS postId, shown_labels.class_id AS classId, label_key AS \`key\`, label, place, shown_at AS shownAt
     FROM ${postsOf(which)} STRAIGHT_JOIN shown_labels ON post_id = posts.id WHERE posts.class_id = :classId`,
    asked(which),
  );
}

/** Puts rows in place of those of the same posts of a class. */
export async function replaceShown(
  database: Database,
  { classId, postIds }: { readonly classId: string; readonly postIds: readonly string[] },
  { posts, labels }: { readonly posts: readonly ShownRow[]; readonly labels: readonly ShownLabelRow[] },
): Promise<void> {
  if (postIds.length === 0) return;
  for (const table of ['shown_posts', 'shown_labels'])
    await database.change(
      `DELETE FROM ${table} WHERE post_id IN (SELECT id FROM ${idsFrom(':postIds')} AS gone)`,
      { postIds: JSON.stringify(postIds) },
    );
  await database.change('UPDATE classes SET shown_version = :version WHERE id = :classId', {
    classId,
    version: newId(),
  });
  await database.insert(
    `shown_posts (post_id, reach, class_id, writer_id, assignment_id, revision_id, audience, shown_at, beyond_from, beyond_until, away)`,
    posts.map((one) => [
      ...[one.postId, one.reach, one.classId, one.writerId, one.assignmentId, one.revisionId, one.audience],
      ...[one.shownAt, one.beyond.from, one.beyond.until, one.away],
    ]),
  );
  await database.insert(
    'shown_labels (post_id, label_key, label, place, class_id, shown_at)',
    labels.map((one) => [one.postId, one.key, one.label, one.place, one.classId, one.shownAt]),
  );
}
