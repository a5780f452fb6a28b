import { addressesOf } from '../../../contract/addresses';
import { AUDIENCES } from '../../../core/access/audience';
import { isStudent, isTeacher, may } from '../../../core/access/may';
import { groupedBy } from '../../../core/groupedBy';
import { numberShown } from '../../../core/people/drawnNumber';
import { isSettledTwice } from '../../../core/grading/secondReading';
import { monogram, teacherName } from '../../../core/people/names';
import { closedTo } from '../../../core/privacy/readersNow';
import type { Outside } from '../../../core/privacy/consent';
import { localDayInWords, momentInWords, weekdayInWords } from '../../../core/timing/inWords';
import { localDate, localMinute } from '../../../core/timing/zonedTime';
import { nextDue } from '../../deeds/assignments/growingSteps';
import { stateOf } from '../../deeds/grades/readingOf';
import { figuresOf } from '../../deeds/grades/figuresOf';
import type { Desk } from '../../deeds/sessions/desk';
import { inPicturesShown } from '../../deeds/subjects/inPicturesShown';
import { listAppearances } from '../../deeds/subjects/appearances';
import { database } from '../../ground/database/database';
import { listAwayOn } from '../../tables/absences';
import { adjusterFor } from '../../tables/adjustments';
import { findAssignment, type AssignmentRow } from '../../tables/assignments';
import { hiddenOfAssignment } from '../../tables/hiddenNames';
import { listEverMembers, type MemberRow } from '../../tables/memberships';
import { countSentNotesOf } from '../../tables/notes';
import { listAddressed } from '../../tables/people';
import { listPlannedOpenings } from '../../tables/plannedOpenings';
import { listPostStates, type PostStateRow } from '../../tables/postStates';
import { listReadersOf } from '../../tables/readings';
import { listSecondReadings } from '../../tables/secondReadings';
import { listReminders } from '../../tables/reminders';
import { postShown } from './postShown';

/** In which order posts of a set stand together. */
const STATES = ['notBegun', 'draft', 'handedIn', 'sentBack', 'accepted', 'excused'] as const;

/**
 * The set of an assignment for those who teach its class: each student of the class, and who left it but has a post, with how far
 * they are. Null for everybody else.
 */
export async function maybeSet(assignmentId: string, desk: Desk) {
  const { personId, role, inClass, now, place } = desk;
  if (!may({ personId, role }, 'class.teach', {})) return null;
  const assignment = await findAssignment(database, assignmentId, now);
  if (!assignment || assignment.classId !== inClass.id) return null;
  // What does not wait for another is read side by side.
  const [everybody, states, first, adjust, away, reminded, openings, hidden] = await Promise.all([
    listEverMembers(database, inClass.id),
    listPostStates(database, { assignmentId }),
    figuresOf(database, assignment, inClass, 'first'),
    adjusterFor(database, inClass),
    listAwayOn(database, inClass.id, localDate(now.getTime(), inClass.timeZone)),
    listReminders(database, { assignmentId }),
    listPlannedOpenings(database, assignmentId),
    hiddenOfAssignment(database, assignment, personId),
  ]);
  const members = everybody.filter((one) => isStudent(one.role));
  const [outside, withAddress, said, twice] = await Promise.all([
    listAppearances(database, inClass, { members, now }),
    listAddressed(
      database,
      members.map((one) => one.personId),
    ),
    saidOfAll(assignment, first, everybody),
    readTwiceIn(assignment, first, { ...desk, everybody }),
  ]);
  const posts = new Map(states.map((post) => [post.writerId, post]));
  const reminders = new Map(reminded.map((one) => [one.personId, one.at] as const));
  const addressed = new Set(withAddress.map(({ id }) => id));
  const planned = new Map(openings.map((one) => [one.postId, one] as const));
  const people = new Map(everybody.map((one) => [one.personId, one]));
  const rows = members
    .filter((member) => member.leftAt === null || posts.has(member.personId))
    .map((member) => {
      const post = posts.get(member.personId) ?? null;
      const own = adjust(assignment, member.personId);
      const around = outside(member.personId, post?.postId);
      const opening = planned.get(post?.postId ?? '');
      const remindedAt = reminders.get(member.personId);
      const awayTo = away.get(member.personId);
      const number = hidden.get(post?.postId ?? '');
      const isHidden = number !== undefined;
      const asked = {
        requirements: own.requirements,
        // Whoever reads a draft with its name knows the hand-in again.
        draftsOpen: own.draftsOpen && !assignment.hidesNames,
      };
      return {
        key: isHidden ? (post?.postId ?? '') : member.personId,
        name: isHidden ? numberShown(number) : member.shownName,
        hidden: isHidden,
        left: !isHidden && member.leftAt !== null,
        ...postShown(post, asked, {
          inClass,
          now,
          place,
          outside: around,
          people,
          hidden: isHidden,
        }),
        ...(post ? said(post, own) : NOTHING_SAID),
        ...(post ? twice(post, own) : NOT_TWICE),
        ...typedIn(post, desk, { isHidden, teacher: people.get(post?.typedInById ?? '') }),
        // Whoever knows whose a draft is must not know the hand-in by it.
        postId: post && (post.handInId !== null || !assignment.hidesNames) ? post.postId : null,
        handInId: post?.handInId ?? null,
        published: post?.audience ?? null,
        closed: closedOf(post, desk, around),
        inPictures: inPicturesShown(around, isHidden ? null : people),
        excused: !isHidden && own.excused,
        /** The last day of those who are away now; they are reminded of nothing. */
        awayUntil: isHidden || !awayTo ? null : localDayInWords(awayTo, place.language),
        hasAddress: !isHidden && addressed.has(member.personId),
        /** Where they have until another time than the others. */
        until:
          !isHidden && own.dueAt && own.dueAt.getTime() !== assignment.dueAt?.getTime()
            ? momentInWords(own.dueAt.getTime(), place.timeZone, place.language)
            : null,
        planned: opening
          ? {
              when: momentInWords(opening.at.getTime(), place.timeZone, place.language),
              notOpened: opening.refused !== null,
            }
          : null,
        reminded:
          remindedAt && !isHidden
            ? weekdayInWords(remindedAt.getTime(), place.timeZone, place.language)
            : null,
      };
    });
  const { dueAt } = nextDue(assignment, place, now);
  const groupOf = (row: (typeof rows)[number]) =>
    row.excused && row.handInId === null ? 'excused' : row.state;
  return {
    classId: inClass.id,
    assignmentId,
    title: assignment.title,
    isSet: assignment.setAt !== null,
    due: dueAt && momentInWords(dueAt.getTime(), place.timeZone, place.language),
    past: dueAt !== null && dueAt < now,
    /** The due time that all have, local to the class's time zone. */
    dueMinute: assignment.dueAt && localMinute(assignment.dueAt.getTime(), inClass.timeZone),
    rubric: assignment.rubric.length,
    /** The widest audience that the assignment means its posts for. */
    audience: assignment.audience,
    groups: STATES.map((state) => ({
      state,
      rows: ordered(rows.filter((row) => groupOf(row) === state)),
    })).filter((group) => group.rows.length > 0),
  };
}

/** Who typed a post in for its writer, and the way to it while who looks does. */
function typedIn(
  post: PostStateRow | null,
  { inClass, personId }: Desk,
  { isHidden, teacher }: { readonly isHidden: boolean; readonly teacher: MemberRow | undefined },
) {
  if (!post || post.typedInById === null || isHidden) return { typedInBy: null };
  const typedInBy = teacher ? teacherName(teacher) : '';
  return post.typesInId === personId
    ? { typedInBy, way: addressesOf(inClass.id).post(post.postId) }
    : { typedInBy };
}

/** Numbers in their own order: where they stand says nothing of the names. */
function ordered<Row extends { readonly name: string; readonly hidden: boolean }>(
  rows: readonly Row[],
): readonly Row[] {
  const numbered = rows.filter((row) => row.hidden);
  const byNumber = numbered.toSorted((one, another) => (one.name < another.name ? -1 : 1));
  return numbered.length === 0 ? rows : [...byNumber, ...rows.filter((row) => !row.hidden)];
}

const NOTHING_SAID_YET = { figure: null, judged: 0, notes: 0 } as const;
const NOTHING_SAID = { figure: null, judged: 0, notes: 0, readBy: [] } as const;

type Figures = Awaited<ReturnType<typeof figuresOf>>;

/** What teachers did with each post of an assignment: all of it read at once. */
async function saidOfAll(assignment: AssignmentRow, figure: Figures, everybody: readonly MemberRow[]) {
  const notes = await countSentNotesOf(database, assignment.id);
  const readers = groupedBy(await listReadersOf(database, assignment.id), ({ handInId }) => handInId);
  const teachers = new Map(
    everybody.filter((one) => isTeacher(one.role)).map((teacher) => [teacher.personId, teacher]),
  );
  return (post: PostStateRow, asked: AssignmentRow) => {
    const { grade, figure: whole, levels, givenBack } = figure(post, asked);
    return {
      figure: grade && {
        grade: grade.grade,
        possible: grade.possible,
        provisional: whole === null,
        givenBack,
      },
      judged: asked.rubric.filter((one) => levels.some((level) => level.criterionId === one.id)).length,
      notes: notes.get(post.postId) ?? 0,
      readBy: (readers.get(post.handInId ?? '') ?? []).flatMap(({ teacherId }) => {
        const teacher = teachers.get(teacherId);
        return teacher ? [{ monogram: monogram(teacher), name: teacherName(teacher) }] : [];
      }),
    };
  };
}

const NOT_TWICE = { second: null, readTwice: false } as const;

/** How each post of an assignment that is read a second time stands. Who reads it sees nothing of what the first reader gave. */
async function readTwiceIn(
  assignment: AssignmentRow,
  first: Figures,
  { inClass, personId, everybody }: Desk & { readonly everybody: readonly MemberRow[] },
) {
  const rows = new Map(
    (await listSecondReadings(database, assignment.id)).map((row) => [row.postId, row] as const),
  );
  if (rows.size === 0) return () => NOT_TWICE;
  const second = await figuresOf(database, assignment, inClass, 'second');
  const teachers = new Map(everybody.map((one) => [one.personId, one]));
  return (post: PostStateRow, asked: AssignmentRow) => {
    const row = rows.get(post.postId);
    if (!row) return NOT_TWICE;
    const state = stateOf(row, first(post, asked).figure, second(post, asked).figure);
    const reader = teachers.get(row.readerId);
    const mine = row.readerId === personId && row.doneAt === null;
    return {
      second: { state, mine, by: reader ? teacherName(reader) : '' },
      readTwice: !isSettledTwice(state),
      ...(mine ? NOTHING_SAID_YET : {}),
    };
  };
}

/** Why a post cannot be given to an audience, by audience; those that it can are not named. */
function closedOf(post: PostStateRow | null, { inClass }: Desk, outside: Outside) {
  if (!post) return {};
  const facts = {
    ceiling: inClass.ceiling,
    wished: post.wished,
    outside,
    accepted: post.stage === 'accepted',
    published: post.audience,
  };
  return Object.fromEntries(
    AUDIENCES.flatMap((audience) => {
      const closed = closedTo(audience, facts);
      return closed ? [[audience, closed]] : [];
    }),
  );
}
