import { joinPeerReading as deed } from '../../../contract/peerReading/joinPeerReading';
import { done, refused } from '../../ground/access/useCase';
import { findLatestRound, findPeerRule } from '../../tables/peerRounds';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { groupFor, joinGroup, listWhoCanShow } from './rounds';

export const joinPeerReading = assignmentUseCase(deed, {
  turn: true,
  async run({ assignmentId }, facts, { database, personId, now }) {
    const round = await findLatestRound(database, assignmentId);
    const wanted = !facts.assignment.hidesNames && (await findPeerRule(database, assignmentId));
    if (!round?.takenAt || !wanted) return refused('peer.notNow');
    const postId = (await listWhoCanShow(database, facts, { now, personId })).get(personId);
    if (postId === undefined) return refused('peer.nothingToShow');
    const found = await groupFor(database, round, { personId, classId: facts.inClass.id });
    if (!found) return refused('peer.noGroup');
    await joinGroup(database, { ...found, round, personId, postId, now });
    return done(null);
  },
});
