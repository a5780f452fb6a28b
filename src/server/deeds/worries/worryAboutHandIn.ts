import { worryAboutHandIn as deed } from '../../../contract/worries/worryAboutHandIn';
import { narrower } from '../../../core/access/audience';
import { htmlForReaders } from '../../../core/posts/revisionCopy';
import { NOT_THERE } from '../../ground/access/useCase';
import { findHandedInText } from '../../tables/revisionCopies';
import { postUseCase } from '../subjects/postUseCase';
import { makeCaseAtDesk } from './makeCase';

export const worryAboutHandIn = postUseCase(deed, {
  turn: true,
  besidePost: true,
  async run({ postId, words }, { post, handIns, publication, inClass }, { database, personId, now }) {
    const latest = handIns.at(-1);
    const text = latest && (await findHandedInText(database, latest.revisionId));
    if (!text) return NOT_THERE;
    return makeCaseAtDesk(
      database,
      {
        kind: 'handIn',
        postId,
        commentId: null,
        title: text.title,
        keptHtml: htmlForReaders(text, { sameTab: false }),
        keptText: null,
        aboutId: post.writerId,
        audience:
          publication?.revisionId === latest.revisionId && !post.away
            ? narrower(publication.audience, inClass.ceiling)
            : 'writerAndTeachers',
      },
      { classId: post.classId, personId, words, now },
    );
  },
});
