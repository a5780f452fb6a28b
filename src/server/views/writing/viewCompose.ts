import { showLesson } from '../../../core/assignments/lessonText';
import { cappedAudience, narrower } from '../../../core/access/audience';
import { isTeacher, may } from '../../../core/access/may';
import { webAddresses } from '../../../core/document/webAddresses';
import type { Place } from '../../../core/languages/languages';
import { questionsOf } from '../../deeds/questions/questionsOf';
import { monogram, nameOutside, teacherName } from '../../../core/people/names';
import { namingWith } from '../../../core/privacy/consent';
import { dueDays } from '../../../core/timing/dueDays';
import {
  daysBetween,
  momentInWords,
  shortWeekday,
  timeInWords,
  weekdayInWords,
} from '../../../core/timing/inWords';
import { localDate } from '../../../core/timing/zonedTime';
import { countingIn, standingsIn } from '../../deeds/assignments/growingSteps';
import { assignmentToCheck } from '../../deeds/evidence/context';
import { hasPeerReading } from '../../tables/peerRounds';
import { listMembers, type MemberRow } from '../../tables/memberships';
import { listLabelSet } from '../../tables/labels';
import { database } from '../../ground/database/database';
import { findOpenResults } from '../../deeds/links/lookAt';
import { listPerceptualHashes } from '../../tables/pictures';
import { gradeShown } from '../../deeds/reviews/gradeShown';
import { findSealKey } from '../../tables/people';
import { notesShown } from '../../deeds/notes/notesShown';
import type { Desk } from '../../deeds/sessions/desk';
import { type PostFacts } from '../../deeds/subjects/findPostToActOn';
import { picturesIn } from '../../deeds/evidence/writing';
import { documentFrom, openStored } from '../../tables/columns';
import { listOpeningsToTell } from '../safety/viewOpenings';
import { maybeOwnPost } from './maybeOwnPost';
import { listSentBack } from '../../tables/decisions';
import { listDraftReaders } from './viewDraft';

interface ComposeTyping {
  readonly by: string;
  readonly mine: boolean;
}

/** Everything that the writing desk shows; null for everybody but the writer, and who types it in for them. */
export async function maybeCompose(postId: string, desk: Desk) {
  const found = await maybeOwnPost(postId, desk);
  if (!found) return null;
  const { personId, role, now, place } = desk;
  const { post, assignment, inClass, handIns } = found;
  const members = await listMembers(database, inClass.id);
  const writer = members.find((member) => member.personId === post.writerId);
  const teachers = members.filter((member) => isTeacher(member.role));
  if (!writer) return null;
  const readsGrade = may({ personId, role }, 'grade.read', found.subject);
  const context = await assignmentToCheck(database, assignment, inClass);
  const body = openStored(post.body);
  return {
    /** Who types in for somebody asks nothing. */
    questions: personId === post.writerId ? await questionsOf(assignment.id, desk) : null,
    readEachOther: personId === post.writerId && (await hasPeerReading(database, assignment.id)),
    classId: inClass.id,
    classCode: inClass.code,
    post: {
      id: post.id,
      version: post.version,
      stage: post.stage,
      savedAt: post.savedAt.toISOString(),
      handIns: handIns.length,
      title: post.title,
      labels: post.labels,
      beside: post.beside,
      body: documentFrom(post.body),
    },
    assignment: {
      ...context,
      id: assignment.id,
      missing: assignment.missing,
      pictureWidth: assignment.pictureWidth,
      lesson: showLesson(assignment),
      prompts: assignment.starters,
      labelSet: await listLabelSet(database, inClass.id),
    },
    writer: {
      id: personId,
      /** Given to who writes alone: with it unsaved words are sealed on a device. */
      sealKey: (await findSealKey(database, personId))?.toString('base64') ?? '',
      monogram: monogram(writer),
      nameInClass: writer.shownName,
      nameOutside: nameOutside(writer, namingWith(found.outside.appears, inClass.namingRule)),
    },
    /** The teacher who typed it in for its writer, and whether that is who looks; null for all that its writer wrote. */
    typing: typingOf(found, members, desk),
    teachers: teachers.map((teacher) => ({ name: teacherName(teacher), monogram: monogram(teacher) })),
    notes: may({ personId, role }, 'note.read', found.subject)
      ? await notesShown(database, post.id, {
          personId,
          inWords: (at) => weekdayInWords(at.getTime(), place.timeZone, place.language),
        })
      : [],
    /** What its teacher said when it was sent back; null while it is not. */
    sentBack: post.stage === 'sentBack' ? await sentBackOf(post.id, place) : null,
    /** When teachers opened this draft for a safety concern. */
    opened: await listOpeningsToTell(post.id, place),
    /** Which teachers have read this draft, where the assignment lets them. */
    draftReaders: await listDraftReaders(post.id, place),
    due: dueOf(found, place, now),
    /** What a growing post is to reach, and what counts at its gate today. */
    steps: standingsIn(assignment, place, handIns, now),
    counting: countingIn(assignment, inClass, now),
    place: { blog: `/blog/${inClass.address}`, address: post.address, asked: post.askedAddress },
    oneNextThing: inClass.desk.oneNextThing,
    readers: { ...readersOf(found, teachers, place), originSaid: found.subject.originSaid === true },
    classWords: inClass.words,
    openResults: await findOpenResults(database, webAddresses(body)),
    hashes: await listPerceptualHashes(
      database,
      picturesIn(body, post.beside).map(({ id }) => id),
    ),
    grade: readsGrade ? await gradeShown(database, found) : null,
  };
}

function typingOf(
  { post: { typedInById } }: PostFacts,
  members: readonly MemberRow[],
  { personId }: Desk,
): ComposeTyping | null {
  if (typedInById === null) return null;
  const teacher = members.find((one) => one.personId === typedInById);
  return { by: teacher ? teacherName(teacher) : '', mine: typedInById === personId };
}

async function sentBackOf(postId: string, { timeZone, language }: Place) {
  const said = (await listSentBack(database, postId)).at(-1);
  if (!said) return null;
  const { at, untilAt, first } = said;
  return {
    by: teacherName(said),
    when: weekdayInWords(at.getTime(), timeZone, language),
    until: untilAt && momentInWords(untilAt.getTime(), timeZone, language),
    first: first ?? '',
  };
}

function dueOf({ assignment }: PostFacts, place: Place, now: Date) {
  const { dueAt, lateRule } = assignment;
  const { timeZone, language } = place;
  const today = localDate(now.getTime(), timeZone);
  const dueDay = dueAt && localDate(dueAt.getTime(), timeZone);
  const time = dueAt ? timeInWords(dueAt.getTime(), timeZone, language) : '';
  return {
    when: dueAt && momentInWords(dueAt.getTime(), timeZone, language),
    inDays: dueDay ? daysBetween(today, dueDay) : 0,
    days: dueDay
      ? dueDays(dueDay, today).map((day) =>
          day.kind === 'gap'
            ? day
            : {
                ...day,
                weekday: shortWeekday(day.date, language),
                day: Number(day.date.slice(8)),
                time,
              },
        )
      : [],
    late: dueAt !== null && dueAt < now,
    lateRule: { kind: lateRule.kind, perDay: lateRule.perDay ?? 0 },
  };
}

function readersOf(
  { post, assignment, inClass, publication, readBy, handIns }: PostFacts,
  teachers: readonly { readonly personId: string; readonly givenName: string; readonly familyName: string }[],
  place: Place,
) {
  const reading = readBy[0];
  const teacher = reading && teachers.find((one) => one.personId === reading.teacherId);
  const handedInAt = handIns.at(-1)?.handedInAt;
  return {
    release: assignment.release,
    audience: cappedAudience(inClass.ceiling, assignment.audience, post.audience),
    widest: cappedAudience(inClass.ceiling, assignment.audience, null),
    now: publication && (post.away ? 'writerAndTeachers' : narrower(publication.audience, inClass.ceiling)),
    /** Whether a worry keeps it from everybody else. */
    away: post.away,
    readBy:
      teacher && handedInAt
        ? {
            teacher: teacherName(teacher),
            when: weekdayInWords(handedInAt.getTime(), place.timeZone, place.language),
          }
        : null,
    draftsOpen: assignment.draftsOpen,
    hidesNames: assignment.hidesNames,
    found: inClass.searchEngines,
  };
}
