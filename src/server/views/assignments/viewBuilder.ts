import type { Place } from '../../../core/languages/languages';
import { isStudent, isTeacher, may } from '../../../core/access/may';
import { teacherName } from '../../../core/people/names';
import { settingsOf } from '../../../core/assignments/assignmentSettings';
import { dayInWords, momentInWords } from '../../../core/timing/inWords';
import { localMinute } from '../../../core/timing/zonedTime';
import { listClassesOf, type ClassRow } from '../../tables/classes';
import { listMembers } from '../../tables/memberships';
import { database } from '../../ground/database/database';
import { listLabels } from '../../tables/labels';
import { countBegun, listLatestHandedIn, listStagesOf } from '../../tables/postsOfClass';
import type { Desk } from '../../deeds/sessions/desk';
import { listAdjustments } from '../../tables/adjustments';
import { listRepetitions, listSiblings } from '../../tables/assignmentSeries';
import { findAssignment, listAskingTitles, type AssignmentRow } from '../../tables/assignments';
import { taughtOf } from '../../deeds/assignments/taughtSiblings';
import { listSources } from '../../tables/givenSources';
import { listRequirementSets } from '../../tables/requirementSets';

/** So many posts are offered to try requirements on. */
const MOST_TO_TRY_ON = 60;

/** The builder of an assignment, for the teachers of its class; null for everybody else. */
export async function maybeBuilder(assignmentId: string, { personId, role, inClass, now, place }: Desk) {
  const assignment = await findAssignment(database, assignmentId, now);
  if (!assignment || assignment.classId !== inClass.id) return null;
  if (!may({ personId, role }, 'assignment.change', { assignmentIsSet: assignment.setAt !== null }))
    return null;
  const taught = (await listClassesOf(database, personId)).filter((one) => isTeacher(one.role));
  const members = await listMembers(database, inClass.id);
  const students = members.filter((member) => isStudent(member.role));
  const names = new Map(members.map((member) => [member.personId, member.shownName]));
  const posts = await listStagesOf(database, assignmentId);
  return {
    assignmentId,
    classId: inClass.id,
    version: assignment.version,
    isSet: assignment.setAt !== null,
    begun: posts.length,
    erases: may({ personId, role }, 'assignment.erase', {}),
    putAway: assignment.putAwayAt !== null,
    handedIn: posts.filter((one) => one.stage !== 'draft').length,
    draft: {
      ...settingsOf(assignment),
      due: assignment.dueAt && localMinute(assignment.dueAt.getTime(), inClass.timeZone),
    },
    /** What teachers may read while it is written: whose it is, never a word of it here. */
    drafts: assignment.draftsOpen
      ? posts
          .filter((one) => one.stage !== 'accepted' && one.writerId !== personId)
          .map((one) => ({ postId: one.postId, writer: names.get(one.writerId) ?? '' }))
          .filter((one) => one.writer !== '')
      : [],
    groupName: inClass.groupName,
    students: students.length,
    timeZone: inClass.timeZone,
    language: inClass.language,
    writer: names.get(personId) ?? '',
    ceiling: inClass.ceiling,
    year: inClass.year,
    classLabels: await listLabels(database, inClass.id),
    /** What requirements can be tried on: what was handed in last in this class. */
    earlier: (await listLatestHandedIn(database, inClass.id, MOST_TO_TRY_ON)).map(({ writerId, ...one }) => ({
      ...one,
      writer: names.get(writerId) ?? '',
    })),
    people: students.map((member) => ({
      id: member.personId,
      name: member.shownName,
      group: member.groupInClass,
    })),
    adjustments: (await listAdjustments(database, assignmentId)).map(({ dueAt, ...one }) => ({
      ...one,
      name: names.get(one.personId) ?? '',
      due: dueAt && localMinute(dueAt.getTime(), inClass.timeZone),
      dueSaid: dueAt && momentInWords(dueAt.getTime(), place.timeZone, place.language),
    })),
    /** Texts that own words are compared with, by their names. */
    sources: (await listSources(database, assignment)).map(({ assignmentId: of, ...one }) => ({
      ...one,
      ofSeries: of !== assignmentId,
    })),
    sets: await setsFor(personId),
    ...(await givenTo(assignment, taught, now)),
    ...(await repeated(assignment, place, now)),
    others: await othersOf(taught, assignmentId),
  };
}

type TaughtClass = Awaited<ReturnType<typeof listClassesOf>>[number];

/** The other classes that have this assignment, those of a teacher's that could be given it, and how many others have it. */
async function givenTo(assignment: AssignmentRow, taught: readonly TaughtClass[], now: Date) {
  const siblings = await listSiblings(database, assignment, now);
  const seen = taughtOf(siblings, taught);
  const begun = await countBegun(
    database,
    seen.map((one) => one.assignment.id),
  );
  const given = [];
  for (const { assignment: there, inClass: other } of seen) {
    const repetitions = there.series ? await listRepetitions(database, there.id, now) : [];
    given.push({
      assignmentId: there.id,
      classId: other.id,
      title: titleOf(other),
      due: there.dueAt && localMinute(there.dueAt.getTime(), other.timeZone),
      begun: begun.get(there.id) ?? 0,
      repetitions: { all: repetitions.length, seen: repetitions.filter((one) => one.setAt).length },
    });
  }
  const others = taught.filter(
    (one) =>
      one.restedAt === null &&
      one.id !== assignment.classId &&
      !siblings.some((sibling) => sibling.classId === one.id),
  );
  return {
    given,
    givenUnseen: siblings.length - seen.length,
    otherClasses: others.map((one) => ({ id: one.id, title: titleOf(one) })),
  };
}

function titleOf({ title, groupName }: ClassRow): string {
  return groupName ? `${title}, ${groupName}` : title;
}

/** The repetitions of a series, or the series that this is a repetition of. */
async function repeated(assignment: AssignmentRow, { timeZone, language }: Place, now: Date) {
  const of = assignment.seriesId === null ? null : await findAssignment(database, assignment.seriesId, now);
  const repetitions = assignment.series ? await listRepetitions(database, assignment.id, now) : [];
  return {
    series: assignment.series && {
      rule: assignment.series,
      repetitions: repetitions.map((one) => ({
        id: one.id,
        date: one.lessonDate ?? '',
        title: one.title,
        isSet: one.setAt !== null,
        opens: one.opensAt && dayInWords(one.opensAt.getTime(), timeZone, language),
        byHand: one.version > 1,
      })),
    },
    seriesOf: of && { assignmentId: of.id, title: of.title },
  };
}

async function setsFor(personId: string) {
  const sets = await listRequirementSets(database, personId);
  return sets.map((set) => ({
    id: set.id,
    title: set.title,
    shared: set.shared,
    from: set.ownerId === personId ? null : teacherName(set),
  }));
}

/** The other assignments of the classes that a person teaches, those with requirements. */
async function othersOf(taught: readonly TaughtClass[], assignmentId: string) {
  const classes = new Map(taught.map((one) => [one.id, one.groupName || one.title]));
  return (await listAskingTitles(database, [...classes.keys()]))
    .filter(({ id }) => id !== assignmentId)
    .map(({ id, title, classId }) => ({ id, title, group: classes.get(classId) ?? '' }));
}
