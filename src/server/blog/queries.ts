import type { Audience } from '../../core/access/audience';
import type { Beside } from '../../core/posts/beside';
import type { RevisionCopy } from '../../core/posts/revisionCopy';
import { coverOf, headingsOf } from '../posts/copies';
import { besideOf } from '../posts/queries';
import type { Database } from '../database/database';

export interface PublishedRow {
  readonly postId: string;
  readonly writerId: string;
  readonly address: string;
  readonly audience: Audience;
  readonly since: Date;
  readonly revisionId: string;
  readonly title: string;
  /** What stands for it in lists. */
  readonly teaser: string;
  readonly words: number;
  readonly cover: Beside['cover'];
  readonly assignmentId: string;
  readonly assignmentTitle: string;
  readonly labels: readonly string[];
  readonly beside: Beside;
}

/** What only its own page needs of a post. */
export interface PublishedText extends PublishedRow {
  readonly html: string;
  readonly headings: RevisionCopy['headings'];
}

type Stored<Row extends PublishedRow> = Omit<Row, 'labels' | 'beside' | 'cover' | 'headings'> & {
  readonly labels: string;
  readonly beside: string;
  readonly cover: string | null;
};

const COLUMNS = `posts.id AS postId, posts.writer_id AS writerId, posts.address, publications.audience,
    (SELECT MIN(since) FROM publications AS first WHERE first.post_id = posts.id) AS since,
    revisions.id AS revisionId, revisions.title, revisions.labels, revisions.beside, teaser, words, cover, assignments.id AS assignmentId,
    assignments.title AS assignmentTitle`;
const PUBLISHED = `FROM publications JOIN posts ON posts.id = publications.post_id
  JOIN revisions ON revisions.id = publications.revision_id
  JOIN revision_copies ON revision_copies.revision_id = revisions.id
  JOIN assignments ON assignments.id = posts.assignment_id
  WHERE publications.until IS NULL AND posts.class_id = :classId`;

/** The posts of a class that some audience reads, the newest first. Who asks is sifted by the caller. */
export async function listPublished(database: Database, classId: string): Promise<readonly PublishedRow[]> {
  const rows = await database.rows<Stored<PublishedRow>>(
    `SELECT ${COLUMNS} ${PUBLISHED} ORDER BY since DESC, posts.id`,
    { classId },
  );
  return rows.map(fromStored);
}

/** The published post that has an address, or had it before. */
export async function findPublished(
  database: Database,
  classId: string,
  address: string,
): Promise<PublishedText | null> {
  const [row] = await database.rows<Stored<PublishedText> & { readonly headings: string }>(
    `SELECT ${COLUMNS}, html, headings ${PUBLISHED} AND (posts.address = :address OR posts.id =
       (SELECT post_id FROM post_addresses WHERE class_id = :classId AND address = :address))
     ORDER BY posts.address = :address DESC`,
    { classId, address },
  );
  return row ? { ...fromStored(row), html: row.html, headings: headingsOf(row.headings) } : null;
}

function fromStored(row: Stored<PublishedRow>): PublishedRow {
  return {
    ...row,
    labels: JSON.parse(row.labels) as readonly string[],
    beside: besideOf(row.beside),
    cover: coverOf(row.cover),
  };
}
