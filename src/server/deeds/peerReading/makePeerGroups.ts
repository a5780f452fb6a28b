import {
  leavePeerGroups as leaveDeed,
  makePeerGroups as makeDeed,
} from '../../../contract/peerReading/makePeerGroups';
import { done, refused } from '../../ground/access/useCase';
import { deleteRound, findLatestRound, findPeerRule } from '../../tables/peerRounds';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { drawRound } from './rounds';

export const makePeerGroups = assignmentUseCase(makeDeed, {
  turn: true,
  async run({ assignmentId }, facts, { database, now }) {
    const rule = await findPeerRule(database, assignmentId);
    if (!rule) return refused('peer.noRule');
    if (!facts.assignment.setAt) return refused('assignment.notSet');
    if (facts.assignment.hidesNames) return refused('peer.hidesNames');
    const latest = await findLatestRound(database, assignmentId);
    // Pressed twice, or by two teachers, groups are made once.
    if (latest && !latest.takenAt) return done({ roundId: latest.id });
    const roundId = await drawRound(database, facts, { ...rule, now });
    return roundId === null ? refused('peer.nobody') : done({ roundId });
  },
});

export const leavePeerGroups = assignmentUseCase(leaveDeed, {
  turn: true,
  async run({ assignmentId, roundId }, _, { database }) {
    const latest = await findLatestRound(database, assignmentId);
    if (latest?.id !== roundId) return done(null);
    if (latest.takenAt) return refused('peer.taken');
    await deleteRound(database, roundId);
    return done(null);
  },
});
