import { done, NOT_THERE, refused } from '../access/useCase';
import { classUseCase, personIds } from '../classes/classUseCase';
import { takeInstallTurn } from '../database/turns';
import { findMembership } from './rosterQueries';
import { listClassesRunBy } from './standing';
import { takeIn } from './takeIn';

interface Input {
  readonly classId: string;
  readonly personIds: readonly string[];
}

const REFUSALS = { deleted: 'isDeleted', grownUp: 'ownAccount' } as const;

/**
 * Takes students who left a class into it again, with all that they wrote there. Whose home is another class is asked for
 * there first.
 */
export const takeInAgain = classUseCase<Input, { readonly asked: number }>({
  name: 'takeInAgain',
  action: 'roster.change',
  fields: { personIds },
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
