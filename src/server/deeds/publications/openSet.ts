import { openSet as deed } from '../../../contract/publications/openSet';
import { cappedAudience, goesBeyondClass, narrower, type Audience } from '../../../core/access/audience';
import { isStudent } from '../../../core/access/may';
import { numberShown } from '../../../core/people/drawnNumber';
import { widestWith } from '../../../core/privacy/consent';
import { maybeReaches } from '../../../core/posts/release';
import { done, refused } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { markOpened } from '../../tables/assignments';
import { hiddenOfAssignment } from '../../tables/hiddenNames';
import { listEverMembers } from '../../tables/memberships';
import { listAcceptedPosts } from '../../tables/publications';
import { lookThrough, openOnes } from '../details/findDetailsIn';
import type { AssignmentFacts } from '../subjects/assignmentFacts';
import { assignmentUseCase } from '../subjects/assignmentUseCase';
import { listAppearances } from '../subjects/appearances';
import { putBeforeReaders, type Opening } from './putBeforeReaders';

export const openSet = assignmentUseCase(deed, {
  turn: true,
  async prepare(_, facts, { database, personId, now }) {
    /** The revisions that go to readers outside and in which nothing stands that strangers should not know. */
    const clear = new Set<string>();
    for (const post of await listGoingOut(database, facts, now)) {
      if (!goesBeyondClass(post.audience)) continue;
      const { postId, revisionId, people } = post;
      const { inClass } = facts;
      const looked = await lookThrough(database, { postId, revisionId, inClass, by: personId, people });
      if (!looked.ok) return looked;
      if ((await openOnes(database, postId, looked.value)).length === 0) clear.add(revisionId);
    }
    return done(clear);
  },
  async run({ assignmentId }, facts, { database, personId, now }, clear) {
    const { assignment } = facts;
    if (!assignment.setAt || assignment.release !== 'opened') return refused('assignment.nothingToOpen');
    await markOpened(database, assignmentId, now);
    const openings: Opening[] = [];
    const leftOut: string[] = [];
    const hidden = await hiddenOfAssignment(database, assignment, personId);
    for (const { postId, revisionId, audience, writer } of await listGoingOut(database, facts, now)) {
      if (goesBeyondClass(audience) && !clear.has(revisionId)) {
        const number = hidden.get(postId);
        leftOut.push(number === undefined ? writer : numberShown(number));
        continue;
      }
      openings.push({ postId, revisionId, audience });
    }
    await putBeforeReaders(database, openings, { by: personId, now });
    return done({ published: openings.length, leftOut });
  },
});

/** The accepted posts of an assignment that reach somebody once its set is open, each with whom. */
async function listGoingOut(database: Database, { assignment, inClass }: AssignmentFacts, now: Date) {
  const members = await listEverMembers(database, inClass.id);
  const people = members
    .filter(({ role }) => isStudent(role))
    .map(({ givenName, familyName }) => ({ givenName, familyName }));
  const names = new Map(members.map((member) => [member.personId, member.shownName]));
  const appears = await listAppearances(database, inClass, { members, now });
  return (await listAcceptedPosts(database, assignment.id)).flatMap((post) => {
    const ceiling = narrower(inClass.ceiling, widestWith(appears(post.writerId, post.postId).appears));
    const wished = cappedAudience(ceiling, assignment.audience, post.audience);
    const audience: Audience | null = maybeReaches('opened', assignment.release, wished, { setOpened: true });
    return audience ? [{ ...post, audience, people, writer: names.get(post.writerId) ?? '' }] : [];
  });
}
