import { worryAboutPeerText as deed } from '../../../contract/worries/worryAboutPeerText';
import { readersHtml } from '../../../core/document/html/readersHtml';
import { NOT_THERE } from '../../ground/access/useCase';
import { openStored } from '../../tables/columns';
import { listPeerReadings } from '../../tables/peerReadings';
import { findRevision } from '../../tables/revisions';
import { makeCaseAtDesk } from '../worries/makeCase';
import { peerReadingUseCase } from './peerReadingUseCase';

export const worryAboutPeerText = peerReadingUseCase(deed, {
  turn: true,
  async run({ words }, { revisionId, roundId, writerId, classId }, { database, personId, now }) {
    const text = revisionId === null ? null : await findRevision(database, revisionId);
    if (!text) return NOT_THERE;
    const readings = await listPeerReadings(database, roundId);
    return makeCaseAtDesk(
      database,
      {
        kind: 'peerText',
        ...{ postId: text.postId, commentId: null, title: text.title, keptText: null, aboutId: writerId },
        keptHtml: readersHtml(openStored(text.body)),
        audience: 'writerAndTeachers',
        peers: readings.filter((one) => one.writerId === writerId).length,
      },
      { classId, personId, words, now },
    );
  },
});
