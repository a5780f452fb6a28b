import type { HeldCommentShown, HeldComments } from '../../../contract/comments/heldComments';
import { may } from '../../../core/access/may';
import { piecesOf, slatsOfKind } from '../../../core/comments/rules';
import { monogram } from '../../../core/people/names';
import { agoInWords } from '../../../core/timing/inWords';
import type { Desk } from '../../deeds/sessions/desk';
import { memberShown } from '../../deeds/subjects/memberShown';
import { database } from '../../ground/database/database';
import { listHeldComments, listHowWaitingWent, type HeldCommentRow } from '../../tables/comments';
import { listEverMembers, type MemberRow } from '../../tables/memberships';

/** The comments of a class that wait, and those that were kept back, for those who teach it. Null for everybody else. */
export async function maybeHeldComments(desk: Desk): Promise<HeldComments | null> {
  const { personId, role, inClass } = desk;
  if (!may({ personId, role }, 'class.teach', {})) return null;
  const members = await listEverMembers(database, inClass.id);
  const people = new Map(members.map((member) => [member.personId, member]));
  const shown = async (state: 'waits' | 'keptBack') =>
    (await listHeldComments(database, inClass.id, state)).map((row) => heldShown(row, desk, people));
  const came = await listHowWaitingWent(database, inClass.id);
  return {
    classId: inClass.id,
    rules: inClass.comments,
    mayChange: may({ personId, role }, 'class.change', {}),
    went: {
      links: slatsOfKind('links', came),
      personal: slatsOfKind('personal', came),
      words: slatsOfKind('words', came),
      hurry: slatsOfKind('hurry', came),
    },
    waiting: await shown('waits'),
    keptBack: await shown('keptBack'),
  };
}

function heldShown(
  row: HeldCommentRow,
  { inClass, now, place }: Desk,
  people: ReadonlyMap<string, MemberRow>,
): HeldCommentShown {
  const { id, version, authorId, writerId, address, title, text, reasons, keptFor, writtenAt, decidedById } =
    row;
  const author = people.get(authorId);
  const decider = decidedById === null ? undefined : people.get(decidedById);
  return {
    ...{ id, version, title, keptFor },
    author: author?.shownName ?? '',
    monogram: author ? monogram(author) : '',
    when: agoInWords(writtenAt.getTime(), now.getTime(), place.timeZone, place.language),
    address: address === null ? null : `/blog/${inClass.address}/${address}`,
    writer: people.get(writerId)?.shownName ?? '',
    pieces: piecesOf(text, reasons),
    reasons: reasons.map(({ reason }) => reason),
    by: decider ? memberShown(decider) : null,
  };
}
