import { maybeOpenDocument, type DocumentJson } from '../../core/document/openDocument';
import { addressFrom, freeAddress } from '../../core/posts/address';
import { done, refused } from '../access/useCase';
import type { Database } from '../database/database';
import { newId } from '../database/newId';
import { pageUseCase } from './pageUseCase';
import {
  insertPageRevision,
  listPages,
  listPageRevisions,
  updatePage,
  type PageRevisionRow,
  type PageRow,
} from './queries';
import { noteWhatPageNames } from './uses';

interface Input {
  readonly pageId: string;
  /** The version that the changes were made on. */
  readonly version: number;
  readonly title: string;
  readonly body: DocumentJson;
}

/** So long after the last change, in milliseconds, what was there before is kept although the same person writes on. */
const A_SITTING = 60 * 60_000;

/** Saves what is written of a page, unless somebody else saved meanwhile. Readers see none of it until it is shown. */
export const savePage = pageUseCase<Input, { readonly version: number }>({
  name: 'savePage',
  fields: {
    version: { type: 'integer', minimum: 1 },
    title: { type: 'string', maxLength: 300 },
    body: { type: 'object' },
  },
  async run({ version, title, body: sent }, { page }, { database, personId, now }) {
    const opened = maybeOpenDocument(sent);
    if (!opened.ok) return refused('page.notADocument', 'body');
    if (page.version !== version) return refused('page.changedMeanwhile');
    const body = JSON.stringify(opened.document.toJSON());
    const revisions = await listPageRevisions(database, page.id);
    if (page.changedBy !== personId || now.getTime() - page.changedAt.getTime() > A_SITTING)
      await keepAsItWas(database, page, revisions);
    const wasShown = revisions.some((revision) => revision.shownAt !== null);
    const address = wasShown ? page.address : await addressFor(database, { ...page, title });
    const changed = { ...page, title, body, address, changedAt: now, changedBy: personId };
    if ((await updatePage(database, changed)) !== 1) return refused('page.changedMeanwhile');
    const shown = page.audience === null ? null : latestShown(revisions);
    await noteWhatPageNames(database, { ...changed, shown: shown && shown.body }, personId);
    return done({ version: version + 1 });
  },
});

/** The revision of a page that readers see, where any was shown; `revisions` are the newest first. */
export function latestShown(revisions: readonly PageRevisionRow[]): PageRevisionRow | null {
  return revisions.find((revision) => revision.shownAt !== null) ?? null;
}

/** Keeps what was written before it is written over, unless it is kept already. */
export async function keepAsItWas(
  database: Database,
  page: PageRow,
  revisions: readonly PageRevisionRow[],
): Promise<void> {
  const kept = revisions.some(({ title, body }) => title === page.title && body === page.body);
  if (kept || page.version === 1) return;
  await insertPageRevision(database, {
    id: newId(),
    pageId: page.id,
    title: page.title,
    body: page.body,
    writtenBy: page.changedBy,
    writtenAt: page.changedAt,
    shownAt: null,
  });
}

async function addressFor(database: Database, page: PageRow): Promise<string> {
  const others = (await listPages(database, page.classId)).filter((other) => other.id !== page.id);
  return freeAddress(
    page.title.trim() ? addressFrom(page.title) : 'page',
    new Set(others.map((other) => other.address)),
  );
}
