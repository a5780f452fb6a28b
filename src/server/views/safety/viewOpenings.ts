import { may, type AccountRole } from '../../../core/access/may';
import { readersHtml } from '../../../core/document/html/readersHtml';
import { placeOf, type HouseLanguage, type Place } from '../../../core/languages/languages';
import { nameInClass, teacherName } from '../../../core/people/names';
import { openingState } from '../../../core/privacy/opening';
import { agoInWords, dateInWords, momentInWords } from '../../../core/timing/inWords';
import { writeAuditLine } from '../../ground/access/auditLog';
import { findActor } from '../../ground/access/roles';
import { findClass } from '../../tables/classes';
import { listEverMembers } from '../../tables/memberships';
import { database, inTransaction } from '../../ground/database/database';
import { findPerson } from '../../tables/people';
import { findPostOfAnybody } from '../../tables/posts';
import type { Desk } from '../../deeds/sessions/desk';
import {
  findOpening,
  listDrafts,
  listOpenings,
  listOpeningsFor,
  listOpeningsOf,
} from '../../tables/openings';
import { openStored } from '../../tables/columns';

/** What the teachers of a class asked to open, and what could be asked for; null for everybody else. */
export async function maybeOpenings({ personId, role, inClass, now, place }: Desk) {
  if (!may({ personId, role }, 'draft.askToOpen', {})) return null;
  const members = new Map((await listEverMembers(database, inClass.id)).map((one) => [one.personId, one]));
  const named = (id: string) => {
    const member = members.get(id);
    return member ? member.shownName : '';
  };
  return {
    drafts: (await listDrafts(database, inClass.id)).map((one) => ({
      postId: one.postId,
      writer: named(one.writerId),
      assignment: one.assignmentTitle,
    })),
    openings: (await listOpenings(database, inClass.id)).map((one) => ({
      id: one.id,
      writer: named(one.writerId),
      assignment: one.assignmentTitle,
      asked: agoInWords(one.askedAt.getTime(), now.getTime(), place.timeZone, place.language),
      until: one.endsAt && momentInWords(one.endsAt.getTime(), place.timeZone, place.language),
      state: openingState(one, now),
      told: one.harm === '',
      /** Only the teacher who asked may read it. */
      own: one.askedBy === personId,
    })),
  };
}

/** What waits for an administrator, and what this one agreed to; null for everybody else. */
export async function maybeOpeningsToDecide({
  personId,
  account,
  now,
}: {
  readonly personId: string;
  readonly account: AccountRole | null;
  readonly now: Date;
}) {
  if (!may({ personId, role: null, account }, 'install.manage', {})) return null;
  return (await listOpeningsFor(database, { administrator: personId, now })).map((one) => ({
    id: one.id,
    classTitle: one.classTitle,
    writer: one.writer,
    teacher: one.teacher,
    assignment: one.assignmentTitle,
    reason: one.reason,
    harm: one.harm,
    asked: agoInWords(one.askedAt.getTime(), now.getTime(), 'UTC', 'en-GB'),
    state: openingState(one, now),
    own: one.askedBy === personId,
  }));
}

/**
 * A draft that was opened, for the two who opened it; null for everybody else and once the time for it is over. Each
 * look is written into the class's log.
 * @param chosen the language that they chose to be spoken to
 */
export async function maybeOpenedDraft(
  openingId: string,
  personId: string,
  now: Date,
  chosen: HouseLanguage | null = null,
) {
  const opening = await findOpening(database, openingId);
  if (!opening?.decidedBy || openingState(opening, now) !== 'open') return null;
  const { classId, postId } = opening;
  const actor = await findActor(database, classId, personId);
  const openedFor = [opening.askedBy, opening.decidedBy];
  if (!may(actor, 'draft.readOpened', { openedFor })) return null;
  const [post, inClass, writer] = [
    await findPostOfAnybody(database, postId),
    await findClass(database, classId),
    await findPerson(database, opening.writerId),
  ];
  if (!post || !inClass || !writer) return null;
  await inTransaction((transaction) =>
    writeAuditLine(transaction, {
      useCase: 'readOpenedDraft',
      found: { classId, subjectId: postId },
      personId,
      now,
    }),
  );
  const { timeZone, language } = placeOf(inClass, chosen);
  return {
    title: post.title,
    html: readersHtml(openStored(post.body)),
    writer: nameInClass(writer),
    assignment: opening.assignmentTitle,
    saved: momentInWords(post.savedAt.getTime(), timeZone, language),
    until: momentInWords(opening.endsAt?.getTime() ?? 0, timeZone, language),
    told: opening.harm === '',
  };
}

/** That a writer's draft was opened, for the writer; what would do harm is left out. */
export async function listOpeningsToTell(postId: string, { timeZone, language }: Place) {
  const told = (await listOpeningsOf(database, postId)).filter((one) => one.agreed && one.harm === '');
  const shown = [];
  for (const one of told) {
    const teacher = await findPerson(database, one.askedBy);
    shown.push({
      teacher: teacher ? teacherName(teacher) : '',
      when: dateInWords((one.decidedAt ?? one.askedAt).getTime(), timeZone, language),
    });
  }
  return shown;
}
