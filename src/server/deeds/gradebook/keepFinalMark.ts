import { keepFinalMark as deed } from '../../../contract/gradebook/keepFinalMark';
import { isStudent } from '../../../core/access/may';
import { isFinalMark, YEAR } from '../../../core/gradebook/terms';
import { done, refused } from '../../ground/access/useCase';
import { findGradebook } from '../../tables/gradebooks';
import { listEverMembers } from '../../tables/memberships';
import { deleteFinalMark, findFinalMark, listClosedTerms, upsertFinalMark } from '../../tables/terms';
import { classUseCase } from '../subjects/classUseCase';

export const keepFinalMark = classUseCase(deed, {
  turn: true,
  async run(input, { year }, { database, personId: by, now }) {
    const { classId, term, personId, mark, was } = input;
    if (term !== YEAR && !year.terms.some(({ from }) => from === term)) return refused('gradebook.noTerm');
    if ((await listClosedTerms(database, classId)).some((one) => one.term === term))
      return refused('gradebook.termClosed');
    const members = await listEverMembers(database, classId);
    if (!members.some((one) => one.personId === personId && isStudent(one.role)))
      return refused('gradebook.nobody');
    const reason = input.reason.trim();
    const standing = await findFinalMark(database, input);
    if (standing === mark && mark === null) return done(null);
    if (standing !== was && standing !== mark)
      return refused('gradebook.markOtherwise', 'mark', { mark: standing ?? '–' });
    if (mark === null) await deleteFinalMark(database, input);
    else {
      if (!isFinalMark(mark, await findGradebook(database, classId)))
        return refused('gradebook.noMark', 'mark');
      if (!reason) return refused('gradebook.noReason', 'reason');
      await upsertFinalMark(database, { classId, term, personId, mark, reason, by, at: now });
    }
    return done(null, { before: standing, after: mark });
  },
});
