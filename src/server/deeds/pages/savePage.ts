import { savePage as deed } from '../../../contract/pages/savePage';
import { maybeOpenDocument } from '../../../core/document/openDocument';
import { addressFrom, freeAddress } from '../../../core/posts/address';
import { done, refused } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { findLatestShown, insertPageRevision, isKept } from '../../tables/pageRevisions';
import { listPages, updatePage, type PageRow } from '../../tables/pages';
import { pageUseCase } from '../subjects/pageUseCase';
import { noteWhatPageNames } from './uses';

/** So long after the last change, in milliseconds, what was there before is kept although the same person writes on. */
const A_SITTING = 60 * 60_000;

export const savePage = pageUseCase(deed, {
  turn: true,
  async run({ version, title, body: sent }, { page }, { database, personId, now }) {
    const opened = maybeOpenDocument(sent);
    if (!opened.ok) return refused('page.notADocument', 'body');
    if (page.version !== version) return refused('page.changedMeanwhile');
    const body = JSON.stringify(opened.document.toJSON());
    if (page.changedBy !== personId || now.getTime() - page.changedAt.getTime() > A_SITTING)
      await keepAsItWas(database, page);
    const shown = await findLatestShown(database, page.id);
    const address = shown ? page.address : await addressFor(database, { ...page, title });
    const changed = { ...page, title, body, address, changedAt: now, changedBy: personId };
    if ((await updatePage(database, changed)) !== 1) return refused('page.changedMeanwhile');
    const seen = page.audience === null ? null : shown;
    await noteWhatPageNames(database, { ...changed, shown: seen && seen.body }, personId);
    return done({ version: version + 1 });
  },
});

/** Keeps what was written before it is written over, unless it is kept already. */
export async function keepAsItWas(database: Database, page: PageRow): Promise<void> {
  if (page.version === 1 || (await isKept(database, page))) return;
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
