import { RENDERER, type RevisionCopy } from '../../core/posts/revisionCopy';
import type { Database } from '../ground/database/database';

/** Keeps what is read often of a revision beside it. */
export async function upsertCopy(database: Database, revisionId: string, copy: RevisionCopy): Promise<void> {
  await database.change(
    `INSERT INTO revision_copies (revision_id, renderer, plain_text, html, teaser, words, cover, headings)
     VALUES (:revisionId, :renderer, :plainText, :html, :teaser, :words, :cover, :headings)
     ON DUPLICATE KEY UPDATE renderer = :renderer, plain_text = :plainText, html = :html, teaser = :teaser, words = :words,
       cover = :cover, headings = :headings`,
    {
      ...copy,
      revisionId,
      renderer: RENDERER,
      cover: copy.cover && JSON.stringify(copy.cover),
      headings: JSON.stringify(copy.headings),
    },
  );
}
