import { isStudent, may } from '../../../core/access/may';
import { momentInWords } from '../../../core/timing/inWords';
import { nextDue } from '../../deeds/assignments/growingSteps';
import type { Desk } from '../../deeds/sessions/desk';
import { listAppearances } from '../../deeds/subjects/appearances';
import { database } from '../../ground/database/database';
import { adjusterFor } from '../../tables/adjustments';
import { findAssignment } from '../../tables/assignments';
import { listEverMembers } from '../../tables/memberships';
import { listPostStates } from '../../tables/postStates';
import { postShown } from './postShown';

/** In which order posts of a set stand together. */
const STATES = ['notBegun', 'draft', 'handedIn', 'sentBack', 'accepted'] as const;

/**
 * The set of an assignment for those who teach its class: each student of the class, and who left it but has a post, with how far
 * they are. Null for everybody else.
 */
export async function maybeSet(assignmentId: string, desk: Desk) {
  const { personId, role, inClass, now, place } = desk;
  if (!may({ personId, role }, 'class.teach', {})) return null;
  const assignment = await findAssignment(database, assignmentId, now);
  if (!assignment || assignment.classId !== inClass.id) return null;
  const everybody = await listEverMembers(database, inClass.id);
  const members = everybody.filter((one) => isStudent(one.role));
  const outside = await listAppearances(database, inClass, { members, now });
  const adjust = await adjusterFor(database, inClass.id);
  const posts = new Map(
    (await listPostStates(database, { assignmentId })).map((post) => [post.writerId, post]),
  );
  const rows = members
    .filter((member) => member.leftAt === null || posts.has(member.personId))
    .map((member) => ({
      key: member.personId,
      name: member.shownName,
      left: member.leftAt !== null,
      ...postShown(posts.get(member.personId) ?? null, adjust(assignment, member.personId), {
        ...desk,
        outside: outside(member.personId, posts.get(member.personId)?.postId),
        members: everybody,
      }),
    }));
  const { dueAt } = nextDue(assignment, place, now);
  return {
    classId: inClass.id,
    assignmentId,
    title: assignment.title,
    isSet: assignment.setAt !== null,
    due: dueAt && momentInWords(dueAt.getTime(), place.timeZone, place.language),
    past: dueAt !== null && dueAt < now,
    groups: STATES.map((state) => ({ state, rows: rows.filter((row) => row.state === state) })).filter(
      (group) => group.rows.length > 0,
    ),
  };
}
