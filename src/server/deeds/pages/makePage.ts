import { makePage as deed } from '../../../contract/pages/makePage';
import { freeAddress } from '../../../core/posts/address';
import { done, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { insertPage, listPages } from '../../tables/pages';
import { classUseCase } from '../subjects/classUseCase';

/** More pages than a menu can show are no help to readers. */
const MOST_PAGES = 60;
const NOTHING_WRITTEN = JSON.stringify({ type: 'doc', content: [{ type: 'paragraph' }] });

export const makePage = classUseCase(deed, {
  turn: true,
  async run({ classId }, _, { database, personId, now }) {
    const pages = await listPages(database, classId);
    if (pages.length >= MOST_PAGES) return refused('page.tooMany', '', { most: MOST_PAGES });
    const id = newId();
    await insertPage(database, {
      id,
      classId,
      address: freeAddress('page', new Set(pages.map((page) => page.address))),
      title: '',
      body: NOTHING_WRITTEN,
      place: Math.max(0, ...pages.map((page) => page.place)) + 1,
      changedAt: now,
      changedBy: personId,
    });
    return done({ pageId: id });
  },
});
