import { may } from '../../../core/access/may';
import { bothIn, largestFirst } from '../../../core/grading/secondReading';
import { teacherName } from '../../../core/people/names';
import { momentInWords } from '../../../core/timing/inWords';
import { figuresOf, type FigureOfPost } from '../../deeds/grades/figuresOf';
import { canReadSecond } from '../../deeds/secondReadings/candidates';
import { stateOf } from '../../deeds/grades/readingOf';
import type { Desk } from '../../deeds/sessions/desk';
import { writerShown } from '../../deeds/subjects/writerShown';
import { database } from '../../ground/database/database';
import { adjusterFor } from '../../tables/adjustments';
import { findAssignment } from '../../tables/assignments';
import { listHandInHeads } from '../../tables/handIns';
import { hiddenOfAssignment } from '../../tables/hiddenNames';
import { listEverMembers } from '../../tables/memberships';
import { countNotesOfBoth } from '../../tables/notes';
import { listPostStates } from '../../tables/postStates';
import { listSecondReadings } from '../../tables/secondReadings';

/**
 * The second reading of an assignment for those who teach its class: what both readers gave each post, as far as who looks may see
 * it, and what can still be read a second time. Null for everybody else.
 */
export async function maybeSecondReading(assignmentId: string, desk: Desk) {
  const { personId, role, inClass, now, place } = desk;
  if (!may({ personId, role }, 'class.teach', {})) return null;
  const assignment = await findAssignment(database, assignmentId, now);
  if (!assignment || assignment.classId !== inClass.id) return null;
  const members = await listEverMembers(database, inClass.id);
  const people = new Map(members.map((one) => [one.personId, one]));
  const adjust = await adjusterFor(database, inClass);
  const hidden = await hiddenOfAssignment(database, assignment, personId);
  const heads = new Map((await listHandInHeads(database, assignmentId)).map((one) => [one.postId, one]));
  const notes = await countNotesOfBoth(database, assignmentId);
  const first = await figuresOf(database, assignment, inClass, 'first');
  const second = await figuresOf(database, assignment, inClass, 'second');
  const readings = new Map(
    (await listSecondReadings(database, assignmentId)).map((row) => [row.postId, row] as const),
  );
  const posts = (await listPostStates(database, { assignmentId })).filter((post) => post.handInId !== null);
  const rows = posts.flatMap((post) => {
    const row = readings.get(post.postId);
    const writer = people.get(post.writerId);
    if (!row || !writer) return [];
    const own = adjust(assignment, post.writerId);
    const [ofFirst, ofSecond] = [first(post, own), second(post, own)];
    const state = stateOf(row, ofFirst.figure, ofSecond.figure);
    const both = bothIn(state);
    const isReader = row.readerId === personId;
    const reader = people.get(row.readerId);
    const { settled } = row;
    const counted = notes.get(post.postId);
    // What the first gave before a figure was set is kept beside what holds now.
    const firstGiven = settled
      ? { levels: settled.firstLevels, figure: settled.first }
      : { levels: levelsOf(ofFirst), figure: ofFirst.figure };
    const differing = both
      ? own.rubric.filter(({ id }) => firstGiven.levels[id] !== levelsOf(ofSecond)[id])
      : [];
    return [
      {
        postId: post.postId,
        handInId: post.handInId ?? '',
        writer: writerShown(writer, hidden.get(post.postId)),
        title: heads.get(post.postId)?.title ?? '',
        words: heads.get(post.postId)?.words ?? 0,
        handedIn: post.handedInAt
          ? momentInWords(post.handedInAt.getTime(), place.timeZone, place.language)
          : '',
        by: reader ? teacherName(reader) : '',
        isReader,
        state,
        first: both || !isReader ? { ...givenIn(ofFirst), ...firstGiven, notes: counted?.first ?? 0 } : null,
        second:
          both || isReader
            ? {
                ...givenIn(ofSecond),
                levels: levelsOf(ofSecond),
                figure: settled?.second ?? ofSecond.figure,
                notes: counted?.second ?? 0,
              }
            : null,
        /** How much more or less the second gave; null while one of both is not in. */
        difference:
          both && ofSecond.figure !== null && firstGiven.figure !== null
            ? rounded((settled?.second ?? ofSecond.figure) - firstGiven.figure)
            : null,
        differing: differing.map(({ name }) => name),
        /** What holds now, and why, where it was set. */
        settled: settled && { figure: settled.figure, reason: settled.reason, levels: levelsOf(ofFirst) },
        /** What the figure is computed from; only for who may set it. */
        input: both && !isReader ? ofFirst.input : null,
      },
    ];
  });
  const unread = posts
    .filter(({ postId }) => !readings.has(postId))
    .map((post) => first(post, adjust(assignment, post.writerId)));
  const mayAsk = may({ personId, role }, 'reading.ask', {});
  return {
    classId: inClass.id,
    assignmentId,
    title: assignment.title,
    rubric: assignment.rubric,
    rows: largestFirst(rows),
    mayAsk,
    /** Who can be asked. */
    teachers: mayAsk
      ? members
          .filter((one) => one.leftAt === null && one.personId !== personId)
          .filter((one) => canReadSecond(one.role))
          .map((one) => ({ personId: one.personId, name: teacherName(one) }))
      : [],
    /** What is handed in and read once, and the figures that it has. */
    unread: {
      count: unread.length,
      figures: mayAsk ? unread.flatMap(({ figure }) => figure ?? []) : [],
      possible: unread[0]?.grade?.possible ?? 0,
    },
  };
}

function levelsOf({ levels }: FigureOfPost): Readonly<Record<string, number>> {
  return Object.fromEntries(levels.map(({ criterionId, level }) => [criterionId, level]));
}

/** What was earned without the criteria, and of how much. */
function givenIn({ grade }: FigureOfPost) {
  const line = grade?.lines.find((one) => one.kind === 'requirements');
  return {
    earned: line?.kind === 'requirements' ? line.earned : 0,
    of: line?.kind === 'requirements' ? line.possible : 0,
    possible: grade?.possible ?? 0,
  };
}

/** Without what binary fractions leave. */
function rounded(difference: number): number {
  return Math.round(difference * 1e6) / 1e6;
}
