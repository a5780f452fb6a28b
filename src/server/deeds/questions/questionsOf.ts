import type { OwnQuestion, QuestionsOfAssignment } from '../../../contract/questions/questionsShown';
import { teacherName } from '../../../core/people/names';
import { dateInWords } from '../../../core/timing/inWords';
import { database } from '../../ground/database/database';
import { listSomeMembers } from '../../tables/memberships';
import { listAssignmentAnswers, listQuestionsBy, type QuestionRow } from '../../tables/questions';
import type { Desk } from '../sessions/desk';

/** What was asked and answered about an assignment, for one of its students: what went to all, and their own. */
export async function questionsOf(
  assignmentId: string,
  { personId, inClass, place }: Desk,
): Promise<QuestionsOfAssignment> {
  const [answers, own] = await Promise.all([
    listAssignmentAnswers(database, [assignmentId]),
    listQuestionsBy(database, assignmentId, personId),
  ]);
  const answering = [...new Set(own.flatMap(({ answeredBy }) => answeredBy ?? []))];
  const members = await listSomeMembers(database, inClass.id, answering);
  const names = new Map(members.map((member) => [member.personId, teacherName(member)]));
  const shown = (question: QuestionRow): OwnQuestion => {
    const { id, words, passage, answer, answeredAt, answeredBy } = question;
    return {
      ...{ id, words, passage, answer, state: stateOf(question) },
      by: answeredBy && (names.get(answeredBy) ?? null),
      when: answeredAt && dateInWords(answeredAt.getTime(), place.timeZone, place.language),
    };
  };
  return {
    ...{ classId: inClass.id, assignmentId, language: inClass.language },
    answers: answers.map(({ id, words, answer }) => ({ id, words, answer })),
    own: own.map(shown),
    unseen: own.some(({ answeredAt, seenAt }) => answeredAt !== null && seenAt === null),
  };
}

function stateOf({ answeredAt, aloud, answer, answerId }: QuestionRow): OwnQuestion['state'] {
  if (!answeredAt) return 'open';
  if (aloud) return 'aloud';
  // An answer to everybody may have been taken back since.
  return answer === null || answerId !== null ? 'all' : 'alone';
}
