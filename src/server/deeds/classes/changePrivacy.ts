import { changePrivacy as deed } from '../../../contract/classes/changePrivacy';
import { done, refused } from '../../ground/access/useCase';
import { updatePrivacy } from '../../tables/classSettings';
import { drawBackToWhatIsAllowed } from '../consents/drawBackToWhatIsAllowed';
import { drawBack, listWritersBeyond } from '../publications/drawBack';
import { classUseCase } from '../subjects/classUseCase';

export const changePrivacy = classUseCase(deed, {
  turn: true,
  async run(input, _, { database, personId, now }) {
    if (input.searchEngines && input.ceiling !== 'everyone')
      return refused('class.foundOnlyIfPublic', 'searchEngines');
    await updatePrivacy(database, input);
    const whose = { classId: input.classId };
    const drawnBack = [...(await drawBack(database, whose, { to: input.ceiling, by: personId, now }))];
    if (input.consentNeeded)
      for (const writerId of await listWritersBeyond(database, input.classId))
        drawnBack.push(...(await drawBackToWhatIsAllowed(database, writerId, { by: personId, now })));
    return done({ drawnBack });
  },
});
