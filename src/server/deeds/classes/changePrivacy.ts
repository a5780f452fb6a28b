import { changePrivacy as deed } from '../../../contract/classes/changePrivacy';
import { previewPrivacy as previewDeed } from '../../../contract/classes/previewPrivacy';
import { done, refused } from '../../ground/access/useCase';
import { updatePrivacy } from '../../tables/classSettings';
import { drawBack, listToDrawBack } from '../publications/drawBack';
import { classUseCase } from '../subjects/classUseCase';

export const previewPrivacy = classUseCase(previewDeed, {
  async run({ ceiling, consentNeeded }, inClass, { database, now }) {
    const drawn = await listToDrawBack(database, { ...inClass, ceiling, consentNeeded }, { now });
    return done({ drawnBack: drawn.map(({ publication: _, ...one }) => one) });
  },
});

export const changePrivacy = classUseCase(deed, {
  turn: true,
  async run(input, inClass, { database, personId, now }) {
    if (input.searchEngines && input.ceiling !== 'everyone')
      return refused('class.foundOnlyIfPublic', 'searchEngines');
    // What was begun before it was said stays closed, also where it was said earlier and taken back.
    const { ceiling, consentNeeded, originSaid = inClass.originSince !== null } = input;
    const originSince = originSaid ? (inClass.originSince ?? now) : null;
    await updatePrivacy(database, { ...input, originSince });
    const becomes = { ...inClass, ceiling, consentNeeded };
    return done({ drawnBack: await drawBack(database, becomes, { by: personId, now }) });
  },
});
