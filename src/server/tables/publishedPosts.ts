import type { Audience } from '../../core/access/audience';
import type { PersonName } from '../../core/people/names';
import type { Beside } from '../../core/posts/beside';
import type { RevisionCopy } from '../../core/posts/revisionCopy';
import type { Consent } from '../../core/privacy/consent';
import type { Days } from '../../core/privacy/daysBeyond';
import type { Database, Parameters } from '../ground/database/database';
import { consentsFrom, coverFrom, headingsFrom, textsFrom } from './columns';
import { ofNobodyDeleted } from './ofNobodyDeleted';
import type { WriterAddress } from './writerAddresses';
import { hasWords } from './searchTexts';
import type { Reach } from './shownPosts';
import { besideOf } from './writings';
import { idsFrom } from './idsFrom';

/** Which posts of a class somebody sees. */
export interface Sight {
  readonly classId: string;
  /** The circle of readers that they belong to; null for who sees nothing but the rest of this. */
  readonly circle: Reach | null;
  /** The present day by the class's clock. */
  readonly day: string;
  readonly personId: string | null;
  /** Whether they see what a worry keeps away; who wrote it does anyway. */
  readonly seesAway: boolean;
  /** Whether they see what they wrote although they are of a narrower circle. */
  readonly ownToo: boolean;
  /** Posts whose own passphrase they have shown. */
  readonly opened: readonly string[];
  /** Only some of them; absent for all. */
  readonly only?: Narrowed;
}

/** Which of the posts that somebody sees are asked for; what is absent narrows nothing. */
export interface Narrowed {
  /** The key of a label that they have. */
  readonly labelKey?: string;
  readonly assignmentId?: string;
  readonly writerId?: string;
  readonly from?: Date;
  readonly until?: Date;
  /** Words that stand in them, as `wordsAsked` says them. */
  readonly words?: string;
}

/** SQL: which rows of `shown_posts` somebody sees, one for each post, as `shown`. */
function seen(sight: Sight): { readonly where: string; readonly parameters: Parameters } {
  const all = seenAtAll(sight);
  const {
    labelKey = null,
    assignmentId = null,
    writerId = null,
    from = null,
    until = null,
    words = null,
  } = sight.only ?? {};
  const narrower = [
    labelKey === null
      ? ''
      : `AND shown.post_id IN (SELECT post_id FROM shown_labels WHERE class_id = :classId AND label_key = :labelKey)`,
    assignmentId === null ? '' : 'AND shown.assignment_id = :assignmentId',
    writerId === null ? '' : 'AND shown.writer_id = :writerId',
    from === null ? '' : 'AND shown.shown_at >= :from',
    until === null ? '' : 'AND shown.shown_at < :until',
    words === null ? '' : `AND ${hasWords('shown')}`,
  ];
  return {
    where: `${all.where} ${narrower.join(' ')}`,
    parameters: { ...all.parameters, labelKey, assignmentId, writerId, from, until, words },
  };
}

function seenAtAll(sight: Sight): { readonly where: string; readonly parameters: Parameters } {
  const { classId, circle, day, personId, seesAway, ownToo, opened } = sight;
  const parameters = { classId, day, personId, circle, opened: JSON.stringify(opened) };
  const days = (rows: string) => `:day BETWEEN ${rows}.beyond_from AND ${rows}.beyond_until`;
  if (circle !== null && !ownToo && opened.length === 0) {
    const there = seesAway ? '' : `AND (NOT shown.away OR shown.writer_id <=> :personId)`;
    const allowed = circle === 'ourClass' ? '' : `AND ${days('shown')}`;
    return { where: `shown.class_id = :classId AND shown.reach = :circle ${there} ${allowed}`, parameters };
  }
  const ways = [
    ownToo ? 'shown.writer_id <=> :personId' : 'FALSE',
    `(NOT shown.away AND shown.audience <> 'ourClass' AND ${days('shown')}
      AND shown.post_id IN (SELECT id FROM ${idsFrom(':opened')} AS opened))`,
    `EXISTS (SELECT 1 FROM shown_posts AS wider WHERE wider.post_id = shown.post_id AND wider.reach <=> :circle
      AND NOT wider.away AND ${days('wider')})`,
  ];
  return {
    where: `shown.class_id = :classId AND shown.reach = 'ourClass' AND (${ways.join(' OR ')})`,
    parameters,
  };
}

/** Where the posts of a writer stand while their name outside is the one of which this is the hash. */
type WriterPage = Pick<WriterAddress, 'address' | 'nameHash'>;

/** A published post, without what it says. */
export interface PublishedRow {
  readonly postId: string;
  readonly writerId: string;
  readonly address: string;
  /** To whom it was published; who reads it now depends on the ceiling and the days besides. */
  readonly audience: Audience;
  /** On which days it may stand beyond the class. */
  readonly beyond: Days;
  /** Whether a worry keeps it from them now. */
  readonly away: boolean;
  readonly since: Date;
  readonly revisionId: string;
  readonly title: string;
  /** Null, with its title, for a post that nobody asked for. */
  readonly assignmentId: string | null;
  readonly assignmentTitle: string | null;
  /** As readers see them now. */
  readonly labels: readonly string[];
  /** What stands for it in lists. */
  readonly teaser: string;
  readonly words: number;
  readonly cover: Beside['cover'];
  readonly beside: Beside;
  readonly writer: PersonName & {
    /** All that were given for them. */
    readonly consents: readonly Consent[];
    /** Where the others of their posts stand; null where there is nowhere yet. */
    readonly page: WriterPage | null;
  };
}

/** What only its own page needs of a post. */
export interface PublishedText {
  readonly html: string;
  readonly headings: RevisionCopy['headings'];
}

type Stored = Omit<PublishedRow, 'away' | 'beyond' | 'labels' | 'beside' | 'cover' | 'writer'> &
  Days &
  PersonName & {
    readonly away: number;
    readonly writerAddress: string | null;
    readonly nameHash: Buffer | null;
    readonly labels: string | null;
    readonly beside: string;
    readonly cover: string | null;
    readonly consents: string | null;
  };

/** SQL: the consents for somebody as JSON text. @param personId a column */
const consentsOf = (
  personId: string,
) => `(SELECT JSON_ARRAYAGG(JSON_OBJECT('purposes', JSON_QUERY(purposes, '$'), 'givenOn', DATE_FORMAT(given_on, '%Y-%m-%d'),
    'until', DATE_FORMAT(until_day, '%Y-%m-%d'), 'withdrawn', withdrawn_at IS NOT NULL))
  FROM consents WHERE consents.person_id = ${personId})`;

/** What stands before `FROM`; what else is asked of each post comes between. */
const COLUMNS = `posts.id AS postId, posts.writer_id AS writerId, posts.address, shown.audience, shown.away,
    DATE_FORMAT(beyond_from, '%Y-%m-%d') AS \`from\`, DATE_FORMAT(beyond_until, '%Y-%m-%d') AS \`until\`, shown_at AS since,
    revisions.id AS revisionId, revisions.title, assignments.id AS assignmentId, assignments.title AS assignmentTitle,
    (SELECT JSON_ARRAYAGG(label ORDER BY place) FROM shown_labels WHERE shown_labels.post_id = posts.id) AS labels,
    revisions.beside, teaser, words, cover, given_name AS givenName, family_name AS familyName, pen_name AS penName,
    writer_addresses.address AS writerAddress, name_hash AS nameHash, ${consentsOf('posts.writer_id')} AS consents`;

/** What stands after the rows of `shown_posts` and `posts`. */
const WITH_REVISION = `JOIN people ON people.id = posts.writer_id
  LEFT JOIN writer_addresses ON writer_addresses.class_id = posts.class_id AND person_id = posts.writer_id
  JOIN revisions ON revisions.id = shown.revision_id
  JOIN revision_copies ON revision_copies.revision_id = revisions.id
  LEFT JOIN assignments ON assignments.id = posts.assignment_id`;

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

/**
 * The published post that has an address, or had it before.
 * @param withText whether what it says is asked for along with it
 */
export async function findPublished(
  database: Database,
  {
    classId,
    address,
    withText,
  }: { readonly classId: string; readonly address: string; readonly withText: boolean },
): Promise<{ readonly post: PublishedRow; readonly text: PublishedText | null } | null> {
  const [row] = await database.rows<Stored & { readonly html?: string; readonly headings?: string }>(
    `SELECT ${COLUMNS} ${withText ? ', html, headings' : ''}
     FROM (SELECT id, 0 AS former FROM posts WHERE class_id = :classId AND address = :address
           UNION ALL SELECT post_id, 1 FROM post_addresses WHERE class_id = :classId AND address = :address) AS named
     STRAIGHT_JOIN posts ON posts.id = named.id
     STRAIGHT_JOIN shown_posts AS shown ON shown.post_id = posts.id AND shown.reach = 'ourClass' ${WITH_REVISION}
     ORDER BY named.former LIMIT 1`,
    { classId, address },
  );
  if (!row) return null;
  const { html, headings, ...post } = row;
  const text =
    html === undefined || headings === undefined ? null : { html, headings: headingsFrom(headings) };
  return { post: publishedFrom(post), text };
}

/** What a revision says, as readers are given it. */
export async function findPublishedText(
  database: Database,
  revisionId: string,
): Promise<PublishedText | null> {
  const [row] = await database.rows<{ readonly html: string; readonly headings: string }>(
    'SELECT html, headings FROM revision_copies WHERE revision_id = :revisionId',
    { revisionId },
  );
  return row ? { html: row.html, headings: headingsFrom(row.headings) } : null;
}

function publishedFrom(stored: Stored): PublishedRow {
  const { from, until, givenName, familyName, penName, writerAddress, nameHash, ...row } = stored;
  return {
    ...row,
    writer: {
      ...{ givenName, familyName, penName },
      consents: givenFrom(row.consents),
      page: pageFrom(writerAddress, nameHash),
    },
    beyond: { from, until },
    away: row.away === 1,
    labels: row.labels === null ? [] : textsFrom(row.labels),
    beside: besideOf(row.beside),
    cover: coverFrom(row.cover),
  };
}

function pageFrom(address: string | null, nameHash: Buffer | null): WriterPage | null {
  return address !== null && nameHash !== null ? { address, nameHash } : null;
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

/** Some posts with what their cards need, in the order in which they are given. */
export async function listCards(
  database: Database,
  postIds: readonly string[],
): Promise<readonly PublishedRow[]> {
  if (postIds.length === 0) return [];
  const rows = await database.rows<Stored>(
    `SELECT ${COLUMNS} FROM ${idsFrom(':ids')} AS asked
     STRAIGHT_JOIN shown_posts AS shown ON shown.post_id = asked.id AND shown.reach = 'ourClass'
     STRAIGHT_JOIN posts ON posts.id = shown.post_id ${WITH_REVISION}`,
    { ids: JSON.stringify(postIds) },
  );
  const cards = new Map(rows.map((row) => [row.postId, publishedFrom(row)]));
  return postIds.flatMap((postId) => cards.get(postId) ?? []);
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

/** The names of some writers with the consents for them and their pages in the class, in the order in which they are given. */
export async function listWriterNames(
  database: Database,
  { classId, personIds }: { readonly classId: string; readonly personIds: readonly string[] },
): Promise<readonly (PublishedRow['writer'] & { readonly personId: string })[]> {
  if (personIds.length === 0) return [];
  const rows = await database.rows<
    PersonName & {
      readonly personId: string;
      readonly consents: string | null;
      readonly writerAddress: string | null;
      readonly nameHash: Buffer | null;
    }
  >(
    `SELECT people.id AS personId, given_name AS givenName, family_name AS familyName, pen_name AS penName,
       ${consentsOf('people.id')} AS consents, address AS writerAddress, name_hash AS nameHash
     FROM people JOIN ${idsFrom(':ids')} AS asked ON asked.id = people.id
     LEFT JOIN writer_addresses ON writer_addresses.class_id = :classId AND person_id = people.id`,
    { classId, ids: JSON.stringify(personIds) },
  );
  const writers = new Map(
    rows.map(({ writerAddress, nameHash, ...row }) => [
      row.personId,
      { ...row, consents: givenFrom(row.consents), page: pageFrom(writerAddress, nameHash) },
    ]),
  );
  return personIds.flatMap((personId) => writers.get(personId) ?? []);
}

function givenFrom(consents: string | null): readonly Consent[] {
  if (consents === null) return [];
  return consentsFrom(consents).map((one) => ({ ...one, withdrawn: Boolean(one.withdrawn) }));
}

/** What a label of a class is called now and what it is given to, by its key; null for one that no post shows. */
export async function findShownLabel(
  database: Database,
  { classId, key }: { readonly classId: string; readonly key: string },
): Promise<{ readonly label: string; readonly meaning: string } | null> {
  const [row] = await database.rows<{ readonly label: string; readonly meaning: string | null }>(
    `SELECT label, (SELECT meaning FROM labels WHERE labels.class_id = :classId AND name = label) AS meaning
     FROM shown_labels WHERE class_id = :classId AND label_key = :key LIMIT 1`,
    { classId, key },
  );
  return row ? { label: row.label, meaning: row.meaning ?? '' } : null;
}

/** How many comments are shown under each of these posts; those without any are not there. */
export async function countComments(
  database: Database,
  postIds: readonly string[],
): Promise<ReadonlyMap<string, number>> {
  const rows = await database.rows<{ readonly postId: string; readonly count: number }>(
    `SELECT post_id AS postId, COUNT(*) AS count FROM comments
     JOIN ${idsFrom(':ids')} AS asked ON asked.id = post_id
     WHERE state = 'shown' AND ${ofNobodyDeleted('author_id')}
       AND NOT EXISTS (SELECT 1 FROM words_away WHERE comment_id = comments.id)
     GROUP BY post_id`,
    { ids: JSON.stringify(postIds) },
  );
  return new Map(rows.map(({ postId, count }) => [postId, count]));
}
