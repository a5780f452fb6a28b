import type { InputOf } from '../../../contract/input';
import { decideJoining as decideJoiningDeed } from '../../../contract/people/decideJoining';
import { decideJoiningAnywhere as decideJoiningAnywhereDeed } from '../../../contract/people/decideJoiningAnywhere';
import { withdrawJoining as withdrawJoiningDeed } from '../../../contract/people/withdrawJoining';
import type { StudentStanding } from '../../../core/roster/takingIn';
import { writeAuditLine } from '../../ground/access/auditLog';
import { done, NOT_THERE, type Context, type Result } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { takeInstallTurn } from '../../ground/database/turns';
import { deleteJoinRequest, findJoinRequest, markJoinDeclined } from '../../tables/joinRequests';
import { joinClass } from '../../tables/memberships';
import { findStudentStanding } from '../../tables/standing';
import { installUseCase } from '../subjects/installUseCase';
import { classUseCase } from '../subjects/classUseCase';

/** What is decided, of which class's request. */
type Decision = InputOf<typeof decideJoiningAnywhereDeed>;

export const decideJoining = classUseCase(decideJoiningDeed, {
  async run({ classId, ...decision }, _, context) {
    // Before anything is read: the student may be handed on to another home at this very moment.
    await takeInstallTurn(context.database, 'people');
    const student = await findStudentStanding(context.database, decision.personId);
    return student?.homeClassId === classId ? decide(decision, student, context) : NOT_THERE;
  },
});

export const decideJoiningAnywhere = installUseCase(decideJoiningAnywhereDeed, {
  async run(decision, context) {
    await takeInstallTurn(context.database, 'people');
    const student = await findStudentStanding(context.database, decision.personId);
    if (!student) return NOT_THERE;
    const decided = await decide(decision, student, context);
    if (decided.ok && student.homeClassId) await noteIn(student.homeClassId, decision, context);
    return decided;
  },
});

export const withdrawJoining = classUseCase(withdrawJoiningDeed, {
  async run({ classId, personId }, _, { database }) {
    return (await deleteJoinRequest(database, { classId, personId })) > 0 ? done(null) : NOT_THERE;
  },
});

type Deciding = Context & { readonly personId: string; readonly database: Database };

/** Decides a request; the turn of those who have a home is taken. */
async function decide(
  decision: Decision,
  student: StudentStanding,
  context: Deciding,
): Promise<Result<null>> {
  const { database, now } = context;
  const { askingClassId: classId, personId, grant } = decision;
  const request = await findJoinRequest(database, { classId, personId });
  if (!request || student.deleted || student.grownUp) return NOT_THERE;
  // The class that asks may take it back while it is decided.
  const decided = grant
    ? await deleteJoinRequest(database, { classId, personId })
    : await markJoinDeclined(database, { classId, personId, at: now });
  if (decided === 0) return NOT_THERE;
  if (grant) await joinClass(database, { classId, personId, groupName: request.groupName, at: now });
  await noteIn(classId, decision, context);
  return done(null);
}

/** Notes in a class's own log what was decided. */
async function noteIn(
  classId: string,
  { personId, grant }: Decision,
  { database, personId: by, now }: Deciding,
) {
  const useCase = grant ? 'grantJoining' : 'declineJoining';
  await writeAuditLine(database, { useCase, found: { classId, subjectId: personId }, personId: by, now });
}
