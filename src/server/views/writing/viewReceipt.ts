import { cappedAudience } from '../../../core/access/audience';
import { monogram, nameOutside, teacherName } from '../../../core/people/names';
import { namingWith } from '../../../core/privacy/consent';
import { daysLate } from '../../../core/grading/daysLate';
import { marks } from '../../../core/requirements/slats';
import { daysBetween, momentInWords } from '../../../core/timing/inWords';
import { localDate, localMinute } from '../../../core/timing/zonedTime';
import { countingIn } from '../../deeds/assignments/growingSteps';
import { lateRuleIn } from '../../deeds/assignments/lateRuleIn';
import { readerOf } from '../../ground/access/reader';
import { listMembers } from '../../tables/memberships';
import { database } from '../../ground/database/database';
import { isTeacher } from '../../../core/access/may';
import type { Desk } from '../../deeds/sessions/desk';
import { type PostFacts } from '../../deeds/subjects/findPostToActOn';
import { type HandInRow } from '../../tables/handIns';
import { changesSince } from '../../deeds/posts/sinceLast';
import { listWithoutComment } from '../blog/viewFront';
import { maybeOwnPost } from './maybeOwnPost';
import { findHandedInText } from '../../tables/revisionCopies';

/** The receipt of a post's latest hand-in, for its writer; null where there is none or for anybody else. */
export async function maybeReceipt(postId: string, desk: Desk) {
  const found = await maybeOwnPost(postId, desk);
  if (!found) return null;
  const { personId, now, place } = desk;
  const { post, assignment, inClass, handIns, readBy } = found;
  const handIn = handIns.at(-1);
  const revision = handIn && (await findHandedInText(database, handIn.revisionId));
  const members = await listMembers(database, inClass.id);
  const writer = members.find((member) => member.personId === personId);
  if (!handIn || !revision || !writer) return null;
  const { timeZone, language } = place;
  return {
    postId,
    title: revision.title,
    writer: writer.shownName,
    monogram: monogram(writer),
    assignmentTitle: assignment.title,
    receipt: handIn.receipt,
    ordinal: handIn.ordinal,
    handedIn: momentInWords(handIn.handedInAt.getTime(), timeZone, language),
    /** Where the line was cut: when it was pressed, when it reached us, and whether it counts from the first. */
    late:
      handIn.pressedAt && handIn.receivedAt
        ? {
            pressed: momentInWords(handIn.pressedAt.getTime(), timeZone, language),
            received: momentInWords(handIn.receivedAt.getTime(), timeZone, language),
            counts: handIn.handedInAt.getTime() === handIn.pressedAt.getTime(),
          }
        : null,
    due: assignment.dueAt && momentInWords(assignment.dueAt.getTime(), timeZone, language),
    ...punctuality(handIn, found),
    words: handIn.words,
    /** Words that came and went since the hand-in before; null for the first. */
    since: await wordsSinceBefore(handIns),
    pictures: revision.pictures,
    links: revision.links,
    answer: handIn.evidence,
    /** What of that which is missing counted when it was handed in. */
    counting: countingIn(assignment, place, handIn.handedInAt),
    requirements: assignment.requirements,
    slats: marks(handIn.evidence.requirements, assignment.requirements),
    teachers: members.filter((member) => isTeacher(member.role)).map((teacher) => teacherName(teacher)),
    keptAt: `/blog/${inClass.address}/kept/${handIn.receipt}`,
    opened: readBy.length > 0,
    stage: post.stage,
    release: assignment.release,
    audience: cappedAudience(inClass.ceiling, assignment.audience, post.audience),
    nameOutside: nameOutside(writer, namingWith(found.outside.appears, inClass.namingRule)),
    blog: `/blog/${inClass.address}`,
    withoutComment: await listWithoutComment(inClass.address, readerOf(personId), now),
  };
}

function punctuality(
  handIn: HandInRow,
  { assignment, inClass }: PostFacts,
): { readonly daysEarly: number; readonly daysLate: number } {
  if (!assignment.dueAt) return { daysEarly: 0, daysLate: 0 };
  const { timeZone } = inClass;
  const due = assignment.dueAt.getTime();
  const at = handIn.handedInAt.getTime();
  return {
    daysEarly: Math.max(0, daysBetween(localDate(at, timeZone), localDate(due, timeZone))),
    daysLate: daysLate(at, localMinute(due, timeZone), timeZone, lateRuleIn(inClass, assignment)),
  };
}

async function wordsSinceBefore(handIns: readonly HandInRow[]) {
  const [before, latest] = [handIns.at(-2), handIns.at(-1)];
  return before && latest ? ((await changesSince(database, before, latest))?.changes.words ?? null) : null;
}
