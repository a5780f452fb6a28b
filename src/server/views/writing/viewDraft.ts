import { may } from '../../../core/access/may';
import { readersHtml } from '../../../core/document/html/readersHtml';
import type { Place } from '../../../core/languages/languages';
import { nameInClass, teacherName } from '../../../core/people/names';
import { dateInWords, momentInWords } from '../../../core/timing/inWords';
import { listReadersOf, writeAuditLine } from '../../ground/access/auditLog';
import { database } from '../../ground/database/database';
import type { Desk } from '../../deeds/sessions/desk';
import { findPerson } from '../../tables/people';
import { findPostToShow } from '../../deeds/subjects/findPostToActOn';
import { openStored } from '../../tables/columns';

const USE_CASE = 'readDraft';

/**
 * A draft as it stands, for a teacher of a class whose assignment says that teachers may read drafts; null for everybody else.
 * Each look is written into the class's log, and the writer is told of it.
 */
export async function maybeDraft(postId: string, { personId, role, inClass: own, now, place }: Desk) {
  const found = await findPostToShow(database, postId, now);
  const classId = own.id;
  if (found?.classId !== classId) return null;
  const { post, assignment } = found.rows;
  if (post.writerId === personId || !may({ personId, role }, 'post.readDraft', found.subject)) return null;
  const writer = await findPerson(database, post.writerId);
  if (!writer) return null;
  await writeAuditLine(database, {
    useCase: USE_CASE,
    found: { classId, subjectId: postId },
    personId,
    now,
  });
  return {
    title: post.title,
    html: readersHtml(openStored(post.body)),
    writer: nameInClass(writer),
    assignment: assignment.title,
    saved: momentInWords(post.savedAt.getTime(), place.timeZone, place.language),
    /** Where a hand-in of it waits to be read, if one does. */
    handedIn: found.rows.handIns.length > 0,
  };
}

/** Who has read a draft and when last, for its writer. */
export async function listDraftReaders(postId: string, { timeZone, language }: Place) {
  return (await listReadersOf(database, { useCase: USE_CASE, subjectId: postId })).map((one) => ({
    teacher: teacherName(one),
    when: dateInWords(one.at.getTime(), timeZone, language),
  }));
}
