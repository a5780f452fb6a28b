import type { Beside } from '../../core/posts/beside';
import { RENDERER, type RevisionCopy } from '../../core/posts/revisionCopy';
import { database, type Database } from '../database/database';
import { log } from '../logging/log';
import { work } from '../work/work';
import { besideOf } from './queries';

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

/** How a copy's cover is stored. */
export function coverOf(stored: string | null): Beside['cover'] {
  return stored === null ? null : (JSON.parse(stored) as Beside['cover']);
}

/** How a copy's headings are stored. */
export function headingsOf(stored: string): RevisionCopy['headings'] {
  return JSON.parse(stored) as RevisionCopy['headings'];
}

/** So many revisions are read at once while copies are made again. */
const BATCH = 50;

/**
 * Makes the copies that are not there, or that an older renderer made. It is done before the house opens, and may be broken off and
 * begun again. What cannot be rendered is logged and left out: its readers are told that there is nothing.
 * @returns how many were made
 */
export async function renewCopies(): Promise<number> {
  let made = 0;
  let after = '';
  for (;;) {
    const stale = await database.rows<{
      readonly id: string;
      readonly body: string;
      readonly beside: string;
    }>(
      `SELECT revisions.id, body, beside FROM revisions LEFT JOIN revision_copies ON revision_id = revisions.id
       WHERE kind = 'handIn' AND revisions.id > :after AND (renderer IS NULL OR renderer <> :renderer)
       ORDER BY revisions.id LIMIT ${BATCH}`,
      { after, renderer: RENDERER },
    );
    for (const { id, body, beside } of stale) {
      const { teaser, cover } = besideOf(beside);
      const copied = await work('copyOf', { body, teaser, cover }, 'the house');
      if (copied.ok) await upsertCopy(database, id, copied.value);
      else log().error({ revisionId: id, why: copied.why }, 'no copy could be made of a revision');
      made += copied.ok ? 1 : 0;
    }
    const last = stale.at(-1);
    if (!last) return made;
    after = last.id;
  }
}
