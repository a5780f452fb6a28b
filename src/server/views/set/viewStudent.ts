import { isStudent, may } from '../../../core/access/may';
import { missingInPictures } from '../../../core/privacy/consent';
import type { Desk } from '../../deeds/sessions/desk';
import { listAppearances } from '../../deeds/subjects/appearances';
import { database } from '../../ground/database/database';
import { adjusterFor } from '../../tables/adjustments';
import { listAssignments } from '../../tables/assignments';
import { hiddenOfClass } from '../../tables/hiddenNames';
import { listSomeMembers } from '../../tables/memberships';
import { listPostStates } from '../../tables/postStates';
import { findOwnLine } from '../../tables/ownLines';
import { findRetention } from '../../tables/retention';
import { postShown } from './postShown';

/** What one student of a class, or who left it, has written there, for those who teach it. Null for everybody else. */
export async function maybeStudentPosts(studentId: string, desk: Desk) {
  const { personId, role, inClass, now } = desk;
  if (!may({ personId, role }, 'class.teach', {})) return null;
  const [member] = await listSomeMembers(database, inClass.id, [studentId]);
  if (!member || !isStudent(member.role)) return null;
  const outside = await listAppearances(database, inClass, { members: [member], now });
  const adjust = await adjusterFor(database, inClass, studentId);
  const posts = new Map(
    (await listPostStates(database, { classId: inClass.id, writerId: studentId })).map((post) => [
      post.assignmentId,
      post,
    ]),
  );
  const asked = (await listAssignments(database, inClass.id, now)).filter(
    (one) => posts.has(one.id) || (one.setAt !== null && member.leftAt === null),
  );
  // In most posts nobody is missing who has to agree; then nobody else is named.
  const missing = [...posts.values()].flatMap(({ postId }) => missingInPictures(outside(studentId, postId)));
  const members = await listSomeMembers(
    database,
    inClass.id,
    missing.filter((one) => one !== null),
  );
  const people = new Map(members.map((one) => [one.personId, one]));
  const hidden = await hiddenOfClass(database, inClass.id, { assignments: asked, teacherId: personId });
  return {
    classId: inClass.id,
    name: member.shownName,
    left: member.leftAt !== null,
    personId: studentId,
    line: {
      words: await findOwnLine(database, { classId: inClass.id, teacherId: personId, personId: studentId }),
      months: (await findRetention(database)).ownLines,
    },
    rows: asked.map((assignment) => {
      const post = posts.get(assignment.id) ?? null;
      const isHidden = hidden.has(post?.postId ?? '');
      const own = adjust(assignment, studentId);
      const around = { ...desk, outside: outside(studentId, post?.postId), people };
      return {
        key: assignment.id,
        name: assignment.title,
        left: false,
        hidden: isHidden,
        // Nothing of a post by which it is known again among those without a name.
        ...postShown(
          isHidden ? null : post,
          { ...own, draftsOpen: own.draftsOpen && !assignment.hidesNames },
          around,
        ),
      };
    }),
  };
}
