import type { Beside } from '../../core/posts/beside';
import { RENDERER, type RevisionCopy } from '../../core/posts/revisionCopy';
import type { Database } from '../ground/database/database';
import { documentsFrom, headingsFrom, textsFrom } from './columns';
import { besideOf } from './writings';

/** Keeps what is read often of a revision beside it. */
export async function upsertCopy(database: Database, revisionId: string, copy: RevisionCopy): Promise<void> {
  await database.change(
    `INSERT INTO revision_copies (revision_id, renderer, plain_text, html, teaser, words, cover, headings, pictures, links, documents,
       comparable, fingerprints)
     VALUES (:revisionId, :renderer, :plainText, :html, :teaser, :words, :cover, :headings, :pictures, :links, :documents,
       :comparable, :fingerprints)
     ON DUPLICATE KEY UPDATE renderer = :renderer, plain_text = :plainText, html = :html, teaser = :teaser, words = :words,
       cover = :cover, headings = :headings, pictures = :pictures, links = :links, documents = :documents,
       comparable = :comparable, fingerprints = :fingerprints`,
    {
      ...copy,
      revisionId,
      renderer: RENDERER,
      cover: copy.cover && JSON.stringify(copy.cover),
      headings: JSON.stringify(copy.headings),
      documents: JSON.stringify(copy.documents),
      fingerprints: JSON.stringify(copy.fingerprints),
    },
  );
}

/** A revision that was handed in, as far as it is read: its body stays where it is. */
export interface HandedInText extends Pick<
  RevisionCopy,
  'html' | 'headings' | 'pictures' | 'links' | 'documents'
> {
  readonly revisionId: string;
  readonly title: string;
  readonly labels: readonly string[];
  readonly beside: Beside;
}

export async function findHandedInText(database: Database, revisionId: string): Promise<HandedInText | null> {
  const [row] = await database.rows<
    Omit<HandedInText, 'labels' | 'beside' | 'headings' | 'documents'> & {
      readonly labels: string;
      readonly beside: string;
      readonly headings: string;
      readonly documents: string;
    }
  >(
    `SELECT revision_id AS revisionId, title, labels, beside, html, headings, pictures, links, documents
     FROM revisions JOIN revision_copies ON revision_id = revisions.id WHERE revisions.id = :revisionId`,
    { revisionId },
  );
  return row
    ? {
        ...row,
        labels: textsFrom(row.labels),
        beside: besideOf(row.beside),
        headings: headingsFrom(row.headings),
        documents: documentsFrom(row.documents),
      }
    : null;
}
