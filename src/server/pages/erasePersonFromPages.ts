import type { Database } from '../database/database';
import { deletePage, findLatestShown, listPageRevisions, listPagesChangedBy, updateErased } from './queries';
import { noteWhatPageNames } from './uses';

/**
 * Erases what somebody wrote in pages for good: every revision that they wrote. A page goes back to the latest one of
 * somebody else, for its readers too; where there is none, it goes.
 */
export async function erasePersonFromPages(database: Database, personId: string): Promise<void> {
  const pages = await listPagesChangedBy(database, personId);
  await database.change('DELETE FROM page_revisions WHERE written_by = :personId', { personId });
  for (const page of pages) {
    const left = await listPageRevisions(database, page.id);
    const latest = left[0];
    const shown = await findLatestShown(database, page.id);
    const audience = shown ? page.audience : null;
    if (page.changedBy !== personId) {
      await updateErased(database, { ...page, audience });
      await noteWhatPageNames(database, { ...page, shown: audience && shown && shown.body }, '');
    } else if (latest) {
      const { title, body, writtenBy, writtenAt } = latest;
      const back = { ...page, title, body, changedBy: writtenBy, changedAt: writtenAt, audience };
      await updateErased(database, back);
      await noteWhatPageNames(database, { ...back, shown: audience && shown && shown.body }, '');
    } else await deletePage(database, page.id);
  }
}
