import { keepApart as deed } from '../../../contract/peerReading/keepApart';
import { isStudent } from '../../../core/access/may';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { findMembership } from '../../tables/memberships';
import { deleteKeptApart, insertKeptApart } from '../../tables/peerRounds';
import { classUseCase } from '../subjects/classUseCase';

export const keepApart = classUseCase(deed, {
  async run({ classId, oneId, otherId, apart }, _, { database, personId: teacherId }) {
    if (oneId === otherId) return refused('peer.samePerson');
    const of = { classId, teacherId, pair: [oneId, otherId] as const };
    if (!apart) {
      await deleteKeptApart(database, of);
      return done(null);
    }
    for (const id of of.pair) {
      const membership = await findMembership(database, classId, id);
      if (!membership || !isStudent(membership.role)) return NOT_THERE;
    }
    await insertKeptApart(database, of);
    return done(null);
  },
});
