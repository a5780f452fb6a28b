import { changePerson as deed } from '../../../contract/people/changePerson';
import { comparableEmail, isEmailAddress } from '../../../core/people/emailAddress';
import { cleanName, isName } from '../../../core/people/readName';
import { characterCount } from '../../../core/text/graphemes';
import { isStudent } from '../../../core/access/may';
import { whyNotTheirs } from '../../../core/roster/takingIn';
import { done, NOT_THERE, refused } from '../../ground/access/useCase';
import { findMembership, updateGroup } from '../../tables/memberships';
import { listKnownPeople, updatePerson } from '../../tables/roster';
import { findStudentStanding } from '../../tables/standing';
import { classUseCase } from '../subjects/classUseCase';
import { renewShownOf } from '../subjects/renewShown';

const LONGEST_NAME = 120;
export const changePerson = classUseCase(deed, {
  turn: true,
  async run({ classId, personId, ...wanted }, _, { database, now }) {
    const membership = await findMembership(database, classId, personId);
    if (!membership || membership.leftAt || !isStudent(membership.role)) return NOT_THERE;
    const student = await findStudentStanding(database, personId);
    const problem = student && whyNotTheirs(student, classId);
    if (problem) return refused(`roster.${problem === 'ownSignIn' ? 'ownAccount' : problem}`, 'givenName');
    const [givenName, familyName] = [cleanName(wanted.givenName), cleanName(wanted.familyName)];
    if (!isName(givenName)) return refused('roster.noName', 'givenName');
    if (characterCount(`${givenName} ${familyName}`) > LONGEST_NAME)
      return refused('roster.nameTooLong', 'familyName');
    const email = comparableEmail(wanted.email) || null;
    if (email !== null && !isEmailAddress(email)) return refused('roster.notAnAddress', 'email');
    const schoolId = wanted.schoolId.trim() || null;
    const others = (await listKnownPeople(database, schoolId ? [schoolId] : [], email ? [email] : [])).filter(
      (one) => one.personId !== personId,
    );
    if (others.some((one) => one.id !== null && one.id === schoolId))
      return refused('roster.idTaken', 'schoolId');
    if (others.length > 0) return refused('roster.addressTaken', 'email');
    const penName = cleanName(wanted.penName) || null;
    await updatePerson(database, { id: personId, givenName, familyName, penName, schoolId, email });
    await renewShownOf(database, personId, now);
    await updateGroup(database, { classId, personId, groupName: cleanName(wanted.group) || null });
    return done(null);
  },
});
