import type { Audience } from '../../core/access/audience';
import type { Beside } from '../../core/posts/beside';
import type { RevisionCopy } from '../../core/posts/revisionCopy';
import type { Database } from '../ground/database/database';
import { isAway } from './wordsAway';
import { besideOf } from './writings';
import { coverFrom, headingsFrom, textsFrom } from './columns';

/** A published post, without what it says. */
export interface PublishedRow {
  readonly postId: string;
  readonly writerId: string;
  readonly address: string;
  readonly audience: Audience;
  /** Whether a worry keeps it from them now. */
  readonly away: boolean;
  readonly since: Date;
  readonly revisionId: string;
  readonly title: string;
  /** Null, with its title, for a post that nobody asked for. */
  readonly assignmentId: string | null;
  readonly assignmentTitle: string | null;
  readonly labels: readonly string[];
}

/** What its card needs besides. */
export interface PublishedCard extends PublishedRow {
  /** What stands for it in lists. */
  readonly teaser: string;
  readonly words: number;
  readonly cover: Beside['cover'];
  readonly beside: Beside;
}

/** What only its own page needs of a post. */
export interface PublishedText extends PublishedCard {
  readonly html: string;
  readonly headings: RevisionCopy['headings'];
}

type Stored<Row extends PublishedRow> = Omit<Row, 'away' | 'labels' | 'beside' | 'cover' | 'headings'> & {
  readonly away: number;
  readonly labels: string;
};
type StoredCard = Stored<PublishedCard> & { readonly beside: string; readonly cover: string | null };

const COLUMNS = `posts.id AS postId, posts.writer_id AS writerId, posts.address, publications.audience, ${isAway()} AS away,
    (SELECT MIN(since) FROM publications AS first WHERE first.post_id = posts.id) AS since,
    revisions.id AS revisionId, revisions.title, revisions.labels, assignments.id AS assignmentId,
    assignments.title AS assignmentTitle`;
const OF_CARDS = 'revisions.beside, teaser, words, cover';
const PUBLISHED = `FROM publications JOIN posts ON posts.id = publications.post_id
  JOIN revisions ON revisions.id = publications.revision_id
  JOIN revision_copies ON revision_copies.revision_id = revisions.id
  LEFT JOIN assignments ON assignments.id = posts.assignment_id`;
const NOW_IN_CLASS = 'WHERE publications.until IS NULL AND posts.class_id = :classId';

/** The posts of a class that some audience reads, the newest first. Who asks is sifted by the caller. */
export async function listPublished(database: Database, classId: string): Promise<readonly PublishedRow[]> {
  const rows = await database.rows<Stored<PublishedRow>>(
    `SELECT ${COLUMNS} ${PUBLISHED} ${NOW_IN_CLASS} ORDER BY since DESC, posts.id`,
    { classId },
  );
  return rows.map(withLabels);
}

/** Some of these posts with what their cards need, in the order in which they are given. */
export async function listCards(
  database: Database,
  posts: readonly PublishedRow[],
): Promise<readonly PublishedCard[]> {
  const rows = await database.rows<StoredCard>(
    `SELECT ${COLUMNS}, ${OF_CARDS} ${PUBLISHED}
     JOIN JSON_TABLE(:ids, '$[*]' COLUMNS (id VARCHAR(16) PATH '$')) AS asked ON asked.id = posts.id
     WHERE publications.until IS NULL`,
    { ids: JSON.stringify(posts.map((post) => post.postId)) },
  );
  const cards = new Map(rows.map((row) => [row.postId, cardFrom(row)]));
  return posts.flatMap((post) => cards.get(post.postId) ?? []);
}

/** The published post that has an address, or had it before. */
export async function findPublished(
  database: Database,
  classId: string,
  address: string,
): Promise<PublishedText | null> {
  const [row] = await database.rows<StoredCard & { readonly html: string; readonly headings: string }>(
    `SELECT ${COLUMNS}, ${OF_CARDS}, html, headings ${PUBLISHED} ${NOW_IN_CLASS} AND (posts.address = :address OR posts.id =
       (SELECT post_id FROM post_addresses WHERE class_id = :classId AND address = :address))
     ORDER BY posts.address = :address DESC`,
    { classId, address },
  );
  return row ? { ...cardFrom(row), html: row.html, headings: headingsFrom(row.headings) } : null;
}

function cardFrom(row: StoredCard): PublishedCard {
  return { ...row, ...withLabels(row), beside: besideOf(row.beside), cover: coverFrom(row.cover) };
}

function withLabels(row: Stored<PublishedRow>): PublishedRow {
  return { ...row, away: row.away === 1, labels: textsFrom(row.labels) };
}
