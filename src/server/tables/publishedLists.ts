import type { Database } from '../ground/database/database';
import { ofNobodyDeleted } from './ofNobodyDeleted';
import { seen, type Sight } from './sight';

/** Some of the posts that somebody sees, the newest first: as many as are asked for, after as many as are passed over. */
export async function listPublished(
  database: Database,
  sight: Sight,
  { most, after = 0 }: { readonly most: number; readonly after?: number },
): Promise<readonly string[]> {
  const { where, parameters } = seen(sight);
  const rows = await database.rows<{ readonly postId: string }>(
    `SELECT shown.post_id AS postId FROM shown_posts AS shown WHERE ${where}
     ORDER BY shown.shown_at DESC, shown.post_id DESC LIMIT :most OFFSET :after`,
    { ...parameters, most, after },
  );
  return rows.map(({ postId }) => postId);
}

/** How many posts somebody sees, and since when the first of them. */
export async function spanPublished(
  database: Database,
  sight: Sight,
): Promise<{ readonly count: number; readonly first: Date | null }> {
  const { where, parameters } = seen(sight);
  const [row] = await database.rows<{ readonly count: number; readonly first: Date | null }>(
    `SELECT COUNT(*) AS count, MIN(shown.shown_at) AS first FROM shown_posts AS shown WHERE ${where}`,
    parameters,
  );
  return row ?? { count: 0, first: null };
}

/** How many posts somebody sees. */
export async function countPublished(database: Database, sight: Sight): Promise<number> {
  const { where, parameters } = seen(sight);
  const [row] = await database.rows<{ readonly count: number }>(
    `SELECT COUNT(*) AS count FROM shown_posts AS shown WHERE ${where}`,
    parameters,
  );
  return row?.count ?? 0;
}

/**
 * How many of these posts fall into each span of time; those before the first are passed over.
 * @param begins when each span begins, in their order; the last one has no end
 */
export async function countInSpans(
  database: Database,
  sight: Sight,
  begins: readonly Date[],
): Promise<readonly number[]> {
  const { where, parameters } = seen(sight);
  const marks = begins.map((_, index) => `:begin${index}`).join(', ');
  const at = Object.fromEntries(begins.map((begin, index) => [`begin${index}`, begin.getTime() / 1000]));
  const rows = await database.rows<{ readonly span: number; readonly count: number }>(
    `SELECT INTERVAL(UNIX_TIMESTAMP(shown.shown_at), ${marks}) AS span, COUNT(*) AS count
     FROM shown_posts AS shown WHERE ${where} AND shown.shown_at >= :first GROUP BY span`,
    { ...parameters, ...at, first: begins[0] ?? new Date(0) },
  );
  const counts = new Map(rows.map(({ span, count }) => [span, count]));
  return begins.map((_, index) => counts.get(index + 1) ?? 0);
}

/** The labels of these posts with how many have each, the most frequent first. */
export async function countByLabel(
  database: Database,
  sight: Sight,
): Promise<readonly { readonly name: string; readonly count: number }[]> {
  const { where, parameters } = seen(sight);
  return database.rows(
    `SELECT MIN(label) AS name, COUNT(*) AS count FROM shown_posts AS shown
     JOIN shown_labels ON shown_labels.post_id = shown.post_id
     WHERE ${where} GROUP BY label_key ORDER BY count DESC, name`,
    parameters,
  );
}

/** Who wrote these posts, whoever wrote last first. */
export async function listWriters(database: Database, sight: Sight): Promise<readonly string[]> {
  const { where, parameters } = seen(sight);
  const rows = await database.rows<{ readonly writerId: string }>(
    `SELECT shown.writer_id AS writerId, MAX(shown.shown_at) AS latest FROM shown_posts AS shown WHERE ${where}
     GROUP BY shown.writer_id ORDER BY latest DESC, writerId`,
    parameters,
  );
  return rows.map(({ writerId }) => writerId);
}

/** Others' posts that nobody has commented on yet, of those that somebody sees: how many, and the newest of them. */
export async function listUncommented(
  database: Database,
  sight: Sight,
  most: number,
): Promise<{ readonly count: number; readonly postIds: readonly string[] }> {
  const { where, parameters } = seen(sight);
  const rows = await database.rows<{ readonly postId: string; readonly count: number }>(
    `SELECT shown.post_id AS postId, COUNT(*) OVER () AS count FROM shown_posts AS shown
     WHERE ${where} AND NOT (shown.writer_id <=> :personId)
       AND NOT EXISTS (SELECT 1 FROM comments WHERE comments.post_id = shown.post_id AND state = 'shown'
         AND ${ofNobodyDeleted('author_id')})
     ORDER BY shown.shown_at DESC, shown.post_id DESC LIMIT :most`,
    { ...parameters, most },
  );
  return { count: rows[0]?.count ?? 0, postIds: rows.map(({ postId }) => postId) };
}

/** A post that stands beside another. */
export interface Neighbour {
  readonly postId: string;
  readonly title: string;
  /** As in `PublishedRow`. */
  readonly address: string;
}

const NEIGHBOUR = 'shown.post_id AS postId, revisions.title, posts.address';
const WITH_TITLE = `JOIN posts ON posts.id = shown.post_id JOIN revisions ON revisions.id = shown.revision_id`;

/** What the posts that somebody sees are called and since when they stand, the newest first. */
export async function listNewestTitles(
  database: Database,
  sight: Sight,
  most: number,
): Promise<readonly (Neighbour & { readonly since: Date })[]> {
  const { where, parameters } = seen(sight);
  return database.rows(
    `SELECT ${NEIGHBOUR}, shown.shown_at AS since FROM shown_posts AS shown ${WITH_TITLE} WHERE ${where}
     ORDER BY shown.shown_at DESC, shown.post_id DESC LIMIT :most`,
    { ...parameters, most },
  );
}

/** Of the posts that somebody sees those before and after one, in the order in which they were shown first. */
export async function listNeighbours(
  database: Database,
  sight: Sight,
  { postId, since }: { readonly postId: string; readonly since: Date },
): Promise<{ readonly earlier: Neighbour | null; readonly later: Neighbour | null }> {
  const { where, parameters } = seen(sight);
  const one = (way: '<' | '>', order: 'DESC' | 'ASC') =>
    `(SELECT '${way}' AS way, ${NEIGHBOUR} FROM shown_posts AS shown ${WITH_TITLE}
      WHERE ${where} AND (shown.shown_at ${way} :since OR (shown.shown_at = :since AND shown.post_id ${way} :postId))
      ORDER BY shown.shown_at ${order}, shown.post_id ${order} LIMIT 1)`;
  const rows = await database.rows<Neighbour & { readonly way: string }>(
    `${one('<', 'DESC')} UNION ALL ${one('>', 'ASC')}`,
    { ...parameters, postId, since },
  );
  const at = (wanted: string) => rows.find(({ way }) => way === wanted) ?? null;
  return { earlier: at('<'), later: at('>') };
}

/** Of the posts that somebody sees some that have a label or the assignment of one, the newest first. */
export async function listTogether(
  database: Database,
  sight: Sight,
  {
    postId,
    assignmentId,
    most,
  }: { readonly postId: string; readonly assignmentId: string | null; readonly most: number },
): Promise<readonly Neighbour[]> {
  const { where, parameters } = seen(sight);
  return database.rows(
    `SELECT ${NEIGHBOUR} FROM shown_posts AS shown ${WITH_TITLE}
     WHERE ${where} AND shown.post_id <> :postId AND (shown.assignment_id = :same OR shown.post_id IN
       (SELECT theirs.post_id FROM shown_labels AS mine
        JOIN shown_labels AS theirs ON theirs.class_id = mine.class_id AND theirs.label_key = mine.label_key
        WHERE mine.post_id = :postId))
     ORDER BY shown.shown_at DESC, shown.post_id DESC LIMIT :most`,
    { ...parameters, postId, same: assignmentId, most },
  );
}
