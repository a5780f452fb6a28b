import { AUDIENCES, type Audience } from '../../core/access/audience';
import { NAMING_RULES, type NamingRule } from '../../core/people/names';
import { done, refused } from '../access/useCase';
import { drawBackToWhatIsAllowed } from '../consents/appearances';
import { drawBack, listWritersBeyond, type DrawnBack } from '../publications/drawBack';
import { classUseCase } from './classUseCase';
import { updatePrivacy } from './queries';

interface Input {
  readonly classId: string;
  readonly ceiling: Audience;
  readonly namingRule: NamingRule;
  readonly searchEngines: boolean;
  readonly editorsRead: boolean;
  readonly consentNeeded: boolean;
}

/**
 * Says who may read what a class writes, and under which names. Posts that go beyond a lowered ceiling are drawn back at
 * once, and named.
 */
export const changePrivacy = classUseCase<Input, { readonly drawnBack: readonly DrawnBack[] }>({
  name: 'changePrivacy',
  action: 'class.change',
  whileResting: true,
  turn: true,
  fields: {
    ceiling: { enum: AUDIENCES },
    namingRule: { enum: NAMING_RULES },
    searchEngines: { type: 'boolean' },
    editorsRead: { type: 'boolean' },
    consentNeeded: { type: 'boolean' },
  },
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
