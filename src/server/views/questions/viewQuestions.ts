import type { OpenQuestion, QuestionsShown } from '../../../contract/questions/questionsShown';
import { may } from '../../../core/access/may';
import { groupedBy } from '../../../core/groupedBy';
import { numberShown } from '../../../core/people/drawnNumber';
import { questionFinder } from '../../../core/questions/likeQuestions';
import { agoInWords, momentInWords } from '../../../core/timing/inWords';
import type { Desk } from '../../deeds/sessions/desk';
import { database } from '../../ground/database/database';
import { listAssignments } from '../../tables/assignments';
import { listSomeMembers } from '../../tables/memberships';
import {
  countOpenQuestions,
  listAnswersUnseen,
  listAssignmentAnswers,
  listOpenQuestions,
} from '../../tables/questions';

/** So many questions are shown at once, the oldest first; and among so many those are looked for that sound the same. */
const MOST_SHOWN = 40;
const MOST_COMPARED = 200;

/**
 * The questions that wait for somebody in all the classes that they teach, the oldest first; null for who teaches none. Of an assignment
 * that is judged without names, the number that was drawn for a draft stands for who asks, since a passage is known again.
 */
export async function maybeQuestions(desks: readonly Desk[]): Promise<QuestionsShown | null> {
  const taught = desks.filter(({ personId, role }) => may({ personId, role }, 'question.answer', {}));
  if (taught.length === 0) return null;
  const all = await listOpenQuestions(
    database,
    taught.map(({ inClass }) => inClass.id),
  );
  const open = all.slice(0, MOST_SHOWN);
  const shownOf = new Set(open);
  const byClass = groupedBy(all, ({ classId }) => classId);
  const shown = new Map<string, OpenQuestion>();
  for (const { inClass, now, place } of taught) {
    const own = byClass.get(inClass.id) ?? [];
    if (own.length === 0) continue;
    const [assignments, members] = await Promise.all([
      listAssignments(database, inClass.id, now),
      listSomeMembers(
        database,
        inClass.id,
        own.filter((one) => shownOf.has(one)).map(({ askerId }) => askerId),
      ),
    ]);
    const of = new Map(assignments.map((assignment) => [assignment.id, assignment]));
    const names = new Map(members.map((member) => [member.personId, member.shownName]));
    const finders = new Map(
      [...groupedBy(own, ({ assignmentId }) => assignmentId)].map(([id, same]) => [
        id,
        questionFinder(same.slice(0, MOST_COMPARED), inClass.language),
      ]),
    );
    for (const question of own.filter((one) => shownOf.has(one))) {
      const assignment = of.get(question.assignmentId);
      if (!assignment) continue;
      const { id, assignmentId, words, passage, askedAt, askerId, drawnNumber } = question;
      const hidden = assignment.hidesNames;
      shown.set(id, {
        ...{ id, assignmentId, words, passage, classId: inClass.id, title: assignment.title },
        inClass: inClass.groupName || inClass.title,
        name: hidden
          ? drawnNumber === null
            ? null
            : numberShown(drawnNumber)
          : (names.get(askerId) ?? null),
        ago: agoInWords(askedAt.getTime(), now.getTime(), place.timeZone, place.language),
        when: momentInWords(askedAt.getTime(), place.timeZone, place.language),
        alike: (finders.get(assignmentId)?.(words, MOST_COMPARED) ?? [])
          .map((one) => one.id)
          .filter((one) => one !== id),
      });
    }
  }
  const questions = open.flatMap(({ id }) => shown.get(id) ?? []);
  const answers = await listAssignmentAnswers(database, [
    ...new Set(questions.map(({ assignmentId }) => assignmentId)),
  ]);
  return {
    waiting: all.length,
    questions,
    answered: Object.fromEntries(
      [...groupedBy(answers, ({ assignmentId }) => assignmentId)].map(([assignmentId, list]) => [
        assignmentId,
        list.map(({ id, words, answer }) => ({ id, words, answer })),
      ]),
    ),
  };
}

/** How many questions wait for somebody in all the classes that they teach. */
export async function countQuestions(desks: readonly Desk[]): Promise<number> {
  const taught = desks.filter(({ personId, role }) => may({ personId, role }, 'question.answer', {}));
  return countOpenQuestions(
    database,
    taught.map(({ inClass }) => inClass.id),
  );
}

/** How many of a student's questions were answered since they looked, by assignment. */
export async function listAnsweredLately(personId: string): Promise<Readonly<Record<string, number>>> {
  return Object.fromEntries(await listAnswersUnseen(database, personId));
}
