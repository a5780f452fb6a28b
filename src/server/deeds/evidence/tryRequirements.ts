import { tryRequirements as deed } from '../../../contract/assignments/tryRequirements';
import { may } from '../../../core/access/may';
import { findActor } from '../../ground/access/roles';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { findRevision } from '../../tables/revisions';
import { findPostToShow } from '../subjects/findPostToActOn';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { evidenceFor, TooMuchToMeasure } from './evidence';

export const tryRequirements = assignmentUseCase(deed, {
  async run({ requirements, postId }, { assignment, inClass }, { database, personId, now }) {
    const found = await findPostToShow(database, postId, now);
    const actor = await findActor(database, inClass.id, personId);
    if (found?.classId !== inClass.id || !may(actor, 'post.readHandIn', found.subject)) return NOT_THERE;
    const handIn = found.rows.handIns.at(-1);
    const revision = handIn && (await findRevision(database, handIn.revisionId));
    if (!revision) return NOT_THERE;
    const { title, labels, beside, body } = revision;
    const post = { ...found.rows.post, title, labels, beside, body };
    try {
      return done((await evidenceFor(database, post, { ...assignment, requirements }, inClass)).answer);
    } catch (error) {
      if (error instanceof TooMuchToMeasure) return refused('post.tooMuch');
      throw error;
    }
  },
});
