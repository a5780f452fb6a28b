import { WRITING } from '../ground/access/roles';
import type { PageAudience } from '../../core/access/audience';
import type { Database } from '../ground/database/database';

export interface PageRow {
  readonly id: string;
  readonly classId: string;
  readonly address: string;
  readonly title: string;
  /** A document as JSON text. */
  readonly body: string;
  readonly place: number;
  readonly version: number;
  /** Who reads the revision that was shown last; null for nobody. */
  readonly audience: PageAudience | null;
  /** Before whom a student editor would like it, and who that is. */
  readonly askedAudience: PageAudience | null;
  readonly askedBy: string | null;
  readonly changedAt: Date;
  readonly changedBy: string | null;
}

const PAGE_COLUMNS = `id, class_id AS classId, address, title, body, place, version, audience, asked_audience AS askedAudience,
  asked_by AS askedBy, changed_at AS changedAt, changed_by AS changedBy`;

export async function findPage(database: Database, id: string): Promise<PageRow | null> {
  const [row] = await database.rows<PageRow>(`SELECT ${PAGE_COLUMNS} FROM pages WHERE id = :id`, { id });
  return row ?? null;
}

/** The pages of a class in their order. */
export async function listPages(database: Database, classId: string): Promise<readonly PageRow[]> {
  return database.rows<PageRow>(
    `SELECT ${PAGE_COLUMNS} FROM pages WHERE class_id = :classId ORDER BY place, changed_at, id`,
    { classId },
  );
}

export async function insertPage(
  database: Database,
  page: Omit<PageRow, 'version' | 'audience' | 'askedAudience' | 'askedBy'>,
): Promise<void> {
  await database.change(
    `INSERT INTO pages (id, class_id, address, title, body, place, changed_at, changed_by)
     VALUES (:id, :classId, :address, :title, :body, :place, :changedAt, :changedBy)`,
    { ...page },
  );
}

/** Writes what was saved, unless it was saved from elsewhere since `version`; how many rows that changed, 0 or 1. */
export async function updatePage(
  database: Database,
  page: Pick<PageRow, 'id' | 'title' | 'body' | 'address' | 'version' | 'changedAt' | 'changedBy'>,
): Promise<number> {
  return database.change(
    `UPDATE pages SET title = :title, body = :body, address = :address, version = version + 1, changed_at = :changedAt,
       changed_by = :changedBy, asked_audience = NULL, asked_by = NULL
     WHERE id = :id AND version = :version`,
    { ...page },
  );
}

/** Says who reads a page now, which answers what was asked. */
export async function updatePageAudience(
  database: Database,
  id: string,
  audience: PageAudience | null,
): Promise<void> {
  await database.change(
    'UPDATE pages SET audience = :audience, asked_audience = NULL, asked_by = NULL WHERE id = :id',
    { id, audience },
  );
}

export async function updateAsked(
  database: Database,
  asked: { readonly id: string; readonly audience: PageAudience; readonly by: string },
): Promise<void> {
  await database.change('UPDATE pages SET asked_audience = :audience, asked_by = :by WHERE id = :id', asked);
}

export async function updatePlace(database: Database, id: string, place: number): Promise<void> {
  await database.change('UPDATE pages SET place = :place WHERE id = :id', { id, place });
}

export async function deletePage(database: Database, id: string): Promise<void> {
  await database.change('DELETE FROM pages WHERE id = :id', { id });
}

/** The pages that somebody changed last, or changed once. */
export async function listPagesChangedBy(database: Database, personId: string): Promise<readonly PageRow[]> {
  return database.rows<PageRow>(
    `SELECT ${PAGE_COLUMNS} FROM pages WHERE changed_by = :personId
       OR id IN (SELECT page_id FROM page_revisions WHERE written_by = :personId)`,
    { personId },
  );
}

/** Writes how a page stands once the words of somebody are gone from it. */
export async function updateErased(
  database: Database,
  page: Pick<PageRow, 'id' | 'title' | 'body' | 'audience' | 'changedAt' | 'changedBy'>,
): Promise<void> {
  await database.change(
    `UPDATE pages SET title = :title, body = :body, audience = :audience, changed_at = :changedAt, changed_by = :changedBy,
       version = version + 1 WHERE id = :id`,
    { ...page },
  );
}

/** What somebody wrote in pages of a class, for who takes their writing along. */
export async function listPageWritingOf(
  database: Database,
  { personId, classId }: { readonly personId: string; readonly classId: string },
): Promise<readonly { readonly title: string; readonly body: string; readonly writtenAt: Date }[]> {
  return database.rows(
    `SELECT title, body, changed_at AS writtenAt FROM pages WHERE class_id = :classId AND changed_by = :personId
     UNION
     SELECT page_revisions.title, page_revisions.body, written_at FROM page_revisions JOIN pages ON pages.id = page_id
     WHERE class_id = :classId AND written_by = :personId ORDER BY writtenAt`,
    { personId, classId },
  );
}

/** The pages of a class in which a student wrote. */
export async function listStudentPages(database: Database, classId: string): Promise<readonly string[]> {
  const rows = await database.rows<{ readonly id: string }>(
    `SELECT pages.id FROM pages JOIN memberships ON memberships.class_id = pages.class_id
       AND role IN ${WRITING}
       AND (person_id = changed_by OR person_id IN (SELECT written_by FROM page_revisions WHERE page_id = pages.id))
     WHERE pages.class_id = :classId`,
    { classId },
  );
  return rows.map((row) => row.id);
}

/** The pages that a student editor asks a teacher to show, in their order. */
export async function listAskedPages(
  database: Database,
  classId: string,
): Promise<readonly { readonly id: string; readonly title: string }[]> {
  return database.rows(
    'SELECT id, title FROM pages WHERE class_id = :classId AND asked_audience IS NOT NULL ORDER BY place, id',
    { classId },
  );
}
