import type { Audience } from '../../core/access/audience';
import type { PersonName } from '../../core/people/names';
import type { Beside } from '../../core/posts/beside';
import type { RevisionCopy } from '../../core/posts/revisionCopy';
import type { Consent } from '../../core/privacy/consent';
import type { Days } from '../../core/privacy/daysBeyond';
import type { Database } from '../ground/database/database';
import { consentsFrom, coverFrom, headingsFrom, textsFrom } from './columns';
import { ofNobodyDeleted } from './ofNobodyDeleted';
import type { WriterAddress } from './writerAddresses';
import { besideOf } from './writings';
import { idsFrom } from './idsFrom';

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
