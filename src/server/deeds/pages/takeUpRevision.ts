import { takeUpRevision as deed } from '../../../contract/pages/takeUpRevision';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { findLatestShown, findPageRevision } from '../../tables/pageRevisions';
import { updatePage } from '../../tables/pages';
import { documentFrom } from '../../tables/columns';
import { pageUseCase } from '../subjects/pageUseCase';
import { keepAsItWas } from './savePage';
import { noteWhatPageNames } from './uses';

export const takeUpRevision = pageUseCase(deed, {
  async run({ revisionId, version }, { page }, { database, personId, now }) {
    const wanted = await findPageRevision(database, page.id, revisionId);
    if (!wanted) return NOT_THERE;
    if (page.version !== version) return refused('page.changedMeanwhile');
    await keepAsItWas(database, page);
    const { title, body } = wanted;
    const changed = { ...page, title, body, changedAt: now, changedBy: personId };
    if ((await updatePage(database, changed)) !== 1) return refused('page.changedMeanwhile');
    const shown = page.audience === null ? null : await findLatestShown(database, page.id);
    await noteWhatPageNames(database, { ...changed, shown: shown && shown.body }, personId);
    return done({ version: version + 1, title, body: documentFrom(body) });
  },
});
