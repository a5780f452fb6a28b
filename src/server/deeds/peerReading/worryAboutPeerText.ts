import { worryAboutPeerText as deed } from '../../../contract/worries/worryAboutPeerText';
import { readersHtml } from '../../../core/document/html/readersHtml';
import { NOT_THERE } from '../../ground/access/useCase';
import { openStored } from '../../tables/columns';
import { findRevision } from '../../tables/revisions';
import { makeCaseAtDesk } from '../worries/makeCase';
import { peerReadingUseCase } from './peerReadingUseCase';

export const worryAboutPeerText = peerReadingUseCase(deed, {
  turn: true,
  async run({ words }, { revisionId, writerId, classId }, { database, personId, now }) {
    const text = revisionId === null ? null : await findRevision(database, revisionId);
    if (!text) return NOT_THERE;
    return makeCaseAtDesk(
      database,
      {
        kind: 'handIn',
        ...{ postId: text.postId, commentId: null, title: text.title, keptText: null, aboutId: writerId },
        keptHtml: readersHtml(openStored(text.body)),
        audience: 'writerAndTeachers',
      },
      { classId, personId, words, now },
    );
  },
});
