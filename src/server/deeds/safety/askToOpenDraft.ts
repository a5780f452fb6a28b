import { languageOf } from '../../../core/languages/languages';
import { askToOpenDraft as deed } from '../../../contract/safety/askToOpenDraft';
import { openingState } from '../../../core/privacy/opening';
import { done, refused } from '../../ground/access/useCase';
import { newId } from '../../ground/database/newId';
import { sendMail } from '../../ground/mail/sendMail';
import { getSettings } from '../../ground/settings/settings';
import { insertOpening, listAdministratorsToAsk, listOpeningsOf } from '../../tables/openings';
import { postUseCase } from '../subjects/postUseCase';

export const askToOpenDraft = postUseCase(deed, {
  // One question about a draft at a time.
  turn: true,
  async run({ postId, reason, harm }, { post, inClass }, { database, personId, now }) {
    if (reason.trim() === '') return refused('safety.noReason', 'reason');
    const earlier = await listOpeningsOf(database, postId);
    if (earlier.some((one) => ['waits', 'open'].includes(openingState(one, now))))
      return refused('safety.asked');
    const administrators = await listAdministratorsToAsk(database, personId);
    if (administrators.length === 0) return refused('safety.nobodyToAsk');
    const openingId = newId();
    await insertOpening(database, {
      id: openingId,
      classId: post.classId,
      postId,
      askedBy: personId,
      askedAt: now,
      reason: reason.trim(),
      harm: harm.trim(),
    });
    const link = `${getSettings().origin}/administration`;
    for (const { email, givenName, language } of administrators)
      await sendMail(database, {
        to: email,
        kind: 'draftToOpen',
        language: languageOf(language, inClass.language),
        values: { name: givenName, title: inClass.title, link },
        now,
      });
    return done({ openingId });
  },
});
