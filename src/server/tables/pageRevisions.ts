import type { PageAudience } from '../../core/access/audience';
import type { Database } from '../ground/database/database';
import { ofNobodyDeleted } from './ofNobodyDeleted';
import { type PageRow } from './pages';

export interface PageRevisionRow {
  readonly id: string;
  readonly pageId: string;
  readonly title: string;
  readonly body: string;
  readonly writtenBy: string | null;
  readonly writtenAt: Date;
  /** Null for what was only kept before somebody else wrote on. */
  readonly shownAt: Date | null;
}

const REVISION = `id, page_id AS pageId, title, body, written_by AS writtenBy, written_at AS writtenAt, shown_at AS shownAt`;

/** What somebody wrote who is deleted and may be brought back is before no readers meanwhile. */
const OF_NOBODY_DELETED = ofNobodyDeleted('written_by');

export async function insertPageRevision(database: Database, revision: PageRevisionRow): Promise<void> {
  await database.change(
    `INSERT INTO page_revisions (id, page_id, title, body, written_by, written_at, shown_at)
     VALUES (:id, :pageId, :title, :body, :writtenBy, :writtenAt, :shownAt)`,
    { ...revision },
  );
}

/** The revisions of a page, the newest first. */
export async function listPageRevisions(
  database: Database,
  pageId: string,
): Promise<readonly PageRevisionRow[]> {
  return database.rows<PageRevisionRow>(
    `SELECT ${REVISION} FROM page_revisions WHERE page_id = :pageId ORDER BY GREATEST(written_at, COALESCE(shown_at, written_at)) DESC, id LIMIT 200`,
    { pageId },
  );
}

export async function findPageRevision(
  database: Database,
  pageId: string,
  id: string,
): Promise<PageRevisionRow | null> {
  const [row] = await database.rows<PageRevisionRow>(
    `SELECT ${REVISION} FROM page_revisions WHERE page_id = :pageId AND id = :id`,
    { pageId, id },
  );
  return row ?? null;
}

/** What readers of a page see of it, if its audience lets them: what was shown last by nobody who is deleted. */
export async function findShownToReaders(
  database: Database,
  pageId: string,
): Promise<PageRevisionRow | null> {
  const [row] = await database.rows<PageRevisionRow>(
    `SELECT ${REVISION} FROM page_revisions WHERE page_id = :pageId AND shown_at IS NOT NULL AND ${OF_NOBODY_DELETED}
     ORDER BY shown_at DESC, id LIMIT 1`,
    { pageId },
  );
  return row ?? null;
}

/** The revision of a page that was shown last, whether readers still see it or not; null where none was. */
export async function findLatestShown(database: Database, pageId: string): Promise<PageRevisionRow | null> {
  const [row] = await database.rows<PageRevisionRow>(
    `SELECT ${REVISION} FROM page_revisions WHERE page_id = :pageId AND shown_at IS NOT NULL
     ORDER BY shown_at DESC, id LIMIT 1`,
    { pageId },
  );
  return row ?? null;
}

/** Whether a page is kept to the letter as it is written now. */
export async function isKept(
  database: Database,
  page: Pick<PageRow, 'id' | 'title' | 'body'>,
): Promise<boolean> {
  const rows = await database.rows(
    `SELECT 1 FROM page_revisions WHERE page_id = :id AND SHA2(title, 256) = SHA2(:title, 256)
       AND SHA2(body, 256) = SHA2(:body, 256) LIMIT 1`,
    { id: page.id, title: page.title, body: page.body },
  );
  return rows.length > 0;
}

/** A page as readers see it. */
export interface ShownPageRow {
  readonly pageId: string;
  readonly address: string;
  readonly audience: PageAudience;
  readonly title: string;
  readonly body: string;
  readonly shownAt: Date;
}

const SHOWN = `pages.id AS pageId, address, audience, page_revisions.title, shown_at AS shownAt`;

const FROM_SHOWN_IN = (classId: string) => `FROM pages JOIN page_revisions ON page_revisions.id =
    (SELECT id FROM page_revisions AS latest WHERE latest.page_id = pages.id AND shown_at IS NOT NULL AND ${OF_NOBODY_DELETED}
     ORDER BY shown_at DESC, id LIMIT 1)
  WHERE pages.class_id = ${classId} AND pages.audience IS NOT NULL`;

/** What is before readers of a class's pages, in their order. Who asks is sifted by the caller. */
export async function listShownPages(database: Database, classId: string): Promise<readonly ShownPageRow[]> {
  return database.rows<ShownPageRow>(
    `SELECT ${SHOWN}, page_revisions.body ${FROM_SHOWN_IN(':classId')} ORDER BY place, changed_at, pages.id`,
    { classId },
  );
}

/** A page of a class blog as a menu has it. */
export type ShownTitle = Pick<ShownPageRow, 'pageId' | 'address' | 'audience' | 'title'>;

/** SQL: these pages as JSON text, without what is written in them, which a menu does not tell; for the class of a row of `classes`. */
export const SHOWN_TITLES = `(SELECT JSON_ARRAYAGG(JSON_OBJECT('pageId', pages.id, 'address', pages.address, 'audience', pages.audience,
    'title', page_revisions.title) ORDER BY place, changed_at, pages.id) ${FROM_SHOWN_IN('classes.id')})`;

/** Deletes every revision that somebody wrote. */
export async function deletePageRevisionsBy(database: Database, personId: string): Promise<void> {
  await database.change('DELETE FROM page_revisions WHERE written_by = :personId', { personId });
}
