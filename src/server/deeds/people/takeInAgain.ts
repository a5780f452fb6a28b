import { takeInAgain as deed } from '../../../contract/people/takeInAgain';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { takeInstallTurn } from '../../ground/database/turns';
import { findMembership } from '../../tables/memberships';
import { listClassesRunBy } from '../../tables/standing';
import { classUseCase } from '../subjects/classUseCase';
import { takeIn } from './takeIn';

const REFUSALS = { deleted: 'isDeleted', grownUp: 'ownAccount' } as const;

export const takeInAgain = classUseCase(deed, {
  turn: true,
  async run({ classId, personIds: wanted }, _, { database, personId: by, now }) {
    await takeInstallTurn(database, 'people');
    const runs = await listClassesRunBy(database, by);
    let asked = 0;
    for (const personId of wanted) {
      const membership = await findMembership(database, classId, personId);
      if (!membership?.leftAt) return NOT_THERE;
      const taking = await takeIn(database, { classId, personId, groupName: null, by, runs, at: now });
      if (!taking) return NOT_THERE;
      if (taking.kind === 'refused') return refused(`roster.${REFUSALS[taking.reason]}`, 'personIds');
      if (taking.kind === 'asks') asked += 1;
    }
    return done({ asked });
  },
});
