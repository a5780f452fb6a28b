import { hidePage as hidePageDeed } from '../../../contract/pages/hidePage';
import { showPage as showPageDeed } from '../../../contract/pages/showPage';
import { audiencesUpTo, goesBeyondClass } from '../../../core/access/audience';
import { may } from '../../../core/access/may';
import { saysSomething } from '../../../core/document/saysSomething';
import { findActor } from '../../ground/access/roles';
import { done, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { insertPageRevision } from '../../tables/pageRevisions';
import { updateAsked, updatePageAudience } from '../../tables/pages';
import { documentFrom } from '../../tables/columns';
import { pageUseCase } from '../subjects/pageUseCase';
import { noteWhatPageNames } from './uses';

export const showPage = pageUseCase(showPageDeed, {
  turn: true,
  async run({ version, audience }, { page, inClass }, { database, personId, now }) {
    if (page.version !== version) return refused('page.changedMeanwhile');
    if (!page.title.trim()) return refused('page.noTitle', 'title');
    if (!saysSomething(documentFrom(page.body))) return refused('page.noWords', 'body');
    if (!audiencesUpTo(inClass.ceiling).includes(audience)) return refused('page.tooWide', 'audience');
    const actor = await findActor(database, page.classId, personId);
    if (goesBeyondClass(audience) && !may(actor, 'page.open', {})) {
      await updateAsked(database, { id: page.id, audience, by: personId });
      return done({ asked: true });
    }
    await insertPageRevision(database, {
      id: newId(),
      pageId: page.id,
      title: page.title.trim(),
      body: page.body,
      writtenBy: page.changedBy,
      writtenAt: page.changedAt,
      shownAt: now,
    });
    await updatePageAudience(database, page.id, audience);
    await noteWhatPageNames(database, { ...page, shown: page.body }, personId);
    return done({ asked: false });
  },
});

export const hidePage = pageUseCase(hidePageDeed, {
  turn: true,
  async run(_, { page }, { database, personId }) {
    await updatePageAudience(database, page.id, null);
    await noteWhatPageNames(database, { ...page, shown: null }, personId);
    return done({});
  },
});
