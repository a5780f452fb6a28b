import { idSchema } from '../input/idSchema';
import type { DocumentJson } from '../../core/document/openDocument';
import { done, NOT_THERE, refused } from '../access/useCase';
import { pageUseCase } from './pageUseCase';
import { findLatestShown, findPageRevision, updatePage } from './queries';
import { keepAsItWas } from './savePage';
import { noteWhatPageNames } from './uses';

interface Input {
  readonly pageId: string;
  readonly revisionId: string;
  /** The version that was looked at. */
  readonly version: number;
}

/** What is written on from. */
interface TakenUp {
  readonly version: number;
  readonly title: string;
  readonly body: DocumentJson;
}

/** Writes on from an earlier revision of a page. What is written now is kept, and readers go on seeing what they see. */
export const takeUpRevision = pageUseCase<Input, TakenUp>({
  name: 'takeUpRevision',
  fields: { revisionId: idSchema, version: { type: 'integer', minimum: 1 } },
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
    return done({ version: version + 1, title, body: JSON.parse(body) as DocumentJson });
  },
});
