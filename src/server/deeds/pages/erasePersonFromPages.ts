import type { Database } from '../../ground/database/database';
import { deletePageRevisionsBy, findLatestShown, listPageRevisions } from '../../tables/pageRevisions';
import { deletePage, listPagesChangedBy, updateErased } from '../../tables/pages';
import { noteWhatPageNames } from './uses';

/**
 * Erases what somebody wrote in pages for good: every revision that they wrote. A page goes back to the latest one of
 * somebody else, for its readers too; where there is none, it goes.
 */
export async function erasePersonFromPages(database: Database, personId: string): Promise<void> {
  const pages = await listPagesChangedBy(database, personId);
  await deletePageRevisionsBy(database, personId);
  for (const page of pages) {
    const written = page.changedBy === personId ? await maybeEarlier(database, page.id) : {};
    if (!written) {
      await deletePage(database, page.id);
      continue;
    }
    const shown = page.audience === null ? null : await findLatestShown(database, page.id);
    const back = { ...page, ...written, audience: shown && page.audience };
    await updateErased(database, back);
    await noteWhatPageNames(database, { ...back, shown: shown && shown.body }, '');
  }
}

/** What a page goes back to: the latest that is left of it; null where nothing is. */
async function maybeEarlier(database: Database, pageId: string) {
  const [latest] = await listPageRevisions(database, pageId);
  if (!latest) return null;
  const { title, body, writtenBy, writtenAt } = latest;
  return { title, body, changedBy: writtenBy, changedAt: writtenAt };
}
