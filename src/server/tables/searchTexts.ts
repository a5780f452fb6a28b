import type { Asked } from '../../core/search/asked';
import { INDEXED, expressionOf, type WordsFound } from '../../core/search/indexed';
import type { ClassRow } from './classes';
import type { Database } from '../ground/database/database';
import { column } from '../ground/input/column';
import { idsFrom } from './idsFrom';
import { besideOf } from './writings';

/** What readers of a post see, as it is searched. */
export interface SearchedText {
  readonly postId: string;
  readonly revisionId: string;
  readonly title: string;
  /** All that stands under the title. */
  readonly text: string;
}

type Stored = Omit<SearchedText, 'text'> & { readonly beside: string; readonly plainText: string };

const partsFrom = column<WordsFound['parts']>('parts of compounds', {
  type: 'object',
  required: [],
  additionalProperties: { type: 'array', items: { type: 'string' } },
});

const TEXT = `shown.post_id AS postId, shown.revision_id AS revisionId, revisions.title, revisions.beside, plain_text AS plainText
  FROM shown_posts AS shown JOIN revisions ON revisions.id = shown.revision_id
  JOIN revision_copies ON revision_copies.revision_id = shown.revision_id`;

/**
 * Some of the posts of a class whose words cannot be found yet, or are found by what readers do not see any more.
 * @param after the post up to which they were listed before; '' for the first ones
 */
export async function listUnindexed(
  database: Database,
  { id, language }: Pick<ClassRow, 'id' | 'language'>,
  { after, most }: { readonly after: string; readonly most: number },
): Promise<readonly SearchedText[]> {
  const rows = await database.rows<Stored>(
    `SELECT ${TEXT}
     LEFT JOIN search_texts ON search_texts.post_id = shown.post_id AND search_texts.revision_id = shown.revision_id
       AND search_texts.language = :language AND indexed = :indexed
     WHERE shown.class_id = :id AND shown.reach = 'ourClass' AND search_texts.post_id IS NULL
       AND shown.post_id > :after ORDER BY shown.post_id LIMIT :most`,
    { id, language, indexed: INDEXED, after, most },
  );
  return rows.map(searchedFrom);
}

function searchedFrom({ beside, plainText, ...row }: Stored): SearchedText {
  const { subtitle } = besideOf(beside);
  return { ...row, text: subtitle ? `${subtitle}\n${plainText}` : plainText };
}

/** A post under the terms by which it is found. */
export interface IndexedText {
  readonly postId: string;
  readonly revisionId: string;
  readonly terms: string;
  readonly parts: WordsFound['parts'];
}

/** Puts a post under its terms, in place of those before; not where readers see it otherwise by now, or not at all. */
export async function replaceIndexed(
  database: Database,
  { id, language }: Pick<ClassRow, 'id' | 'language'>,
  { postId, revisionId, terms, parts }: IndexedText,
): Promise<void> {
  await database.change(
    `REPLACE INTO search_texts (post_id, class_id, revision_id, indexed, language, terms, parts)
       SELECT post_id, class_id, revision_id, :indexed, :language, :terms, :parts FROM shown_posts
       WHERE post_id = :postId AND reach = 'ourClass' AND revision_id = :revisionId AND class_id = :id`,
    { id, postId, revisionId, language, terms, parts: JSON.stringify(parts), indexed: INDEXED },
  );
}

/** Takes the words of a post out of the search. A row that went with its post would leave them in the index for good. */
export function deleteIndexed(database: Database, postId: string): Promise<number> {
  return database.change('DELETE FROM search_texts WHERE post_id = :postId', { postId });
}

/** Takes the words out of the search that no reader sees any more: of a class, or of all. How many posts that were. */
export function deleteUnshown(database: Database, classId: string | null): Promise<number> {
  return database.change(
    `DELETE search_texts FROM search_texts LEFT JOIN shown_posts
       ON shown_posts.post_id = search_texts.post_id AND shown_posts.reach = 'ourClass'
     WHERE shown_posts.post_id IS NULL AND (:classId IS NULL OR search_texts.class_id = :classId)`,
    { classId },
  );
}

/**
 * SQL: what a row of `shown_posts` has to be so that words are found in what its readers see; the expression is that of `wordsAsked`.
 * @param shown the name of the row
 */
export const hasWords = (shown: string) =>
  `(${shown}.post_id, ${shown}.revision_id) IN
    (SELECT post_id, revision_id FROM search_texts WHERE MATCH (terms) AGAINST (:words IN BOOLEAN MODE))`;

/** What is looked for in a class, as `hasWords` takes it. */
export function wordsAsked(asked: Asked, { number }: Pick<ClassRow, 'number'>): string {
  return expressionOf(asked, number);
}

/** What some posts say to their readers, with the ends of their compounds. */
export async function listSearched(
  database: Database,
  postIds: readonly string[],
): Promise<ReadonlyMap<string, SearchedText & { readonly parts: WordsFound['parts'] }>> {
  const rows = await database.rows<Stored & { readonly parts: string }>(
    `SELECT parts, ${TEXT} JOIN ${idsFrom(':ids')} AS asked ON asked.id = shown.post_id
     JOIN search_texts ON search_texts.post_id = shown.post_id AND search_texts.revision_id = shown.revision_id
     WHERE shown.reach = 'ourClass'`,
    { ids: JSON.stringify(postIds) },
  );
  return new Map(
    rows.map(({ parts, ...row }) => [row.postId, { ...searchedFrom(row), parts: partsFrom(parts) }]),
  );
}

/**
 * Takes words out of the index that stand in no row any more: a deleted row leaves them there. One pass goes through some thousand
 * words; the server is started so that this leaves the rows alone.
 */
export async function forgetWords(database: Database, passes: number): Promise<void> {
  for (let pass = 0; pass < passes; pass += 1) await database.rows('OPTIMIZE TABLE search_texts');
}

/** How many words stand in the search at most, each class's by themselves. */
export async function countWords(database: Database): Promise<number> {
  const [row] = await database.rows<{ readonly count: string | null }>(
    "SELECT SUM(LENGTH(terms) - LENGTH(REPLACE(terms, ' ', '')) + 1) AS count FROM search_texts",
  );
  // A sum of the database is a decimal number, which comes as text.
  return Number(row?.count ?? 0);
}
