import { placeOf } from '../../../core/languages/languages';
import { may } from '../../../core/access/may';
import { htmlForReaders } from '../../../core/posts/revisionCopy';
import { momentInWords } from '../../../core/timing/inWords';
import { findActor } from '../../ground/access/roles';
import { database } from '../../ground/database/database';
import { findPostToShow } from '../../deeds/subjects/findPostToActOn';
import { anonymously } from '../../deeds/subjects/handInShown';
import { writerShown } from '../../deeds/subjects/writerShown';
import { findClassByAddress } from '../../tables/classes';
import { findHandInByReceipt } from '../../tables/handIns';
import { listHiddenNames } from '../../tables/hiddenNames';
import { listEverMembers } from '../../tables/memberships';
import { findHandedInText } from '../../tables/revisionCopies';
import { findRevision } from '../../tables/revisions';
import { shownBlog } from './blogShown';

/** A hand-in as it was, at its own address, for its writer and the teachers. */
export async function maybeKept(address: string, receipt: number, personId: string | null, now: Date) {
  const inClass = await findClassByAddress(database, address);
  const handIn =
    inClass && Number.isSafeInteger(receipt) ? await findHandInByReceipt(database, receipt) : null;
  const found = handIn && (await findPostToShow(database, handIn.postId, now));
  if (!inClass || !handIn || !found || found.classId !== inClass.id || personId === null) return null;
  const actor = await findActor(database, inClass.id, personId);
  const { subject } = found;
  // A hand-in that was taken back belongs to its writer alone again.
  if (!may(actor, handIn.takenBackAt ? 'post.write' : 'post.readHandIn', subject)) return null;
  const revision = await findHandedInText(database, handIn.revisionId);
  const writer = (await listEverMembers(database, inClass.id)).find(
    (member) => member.personId === found.rows.post.writerId,
  );
  if (!revision || !writer) return null;
  const { timeZone, language } = placeOf(inClass);
  const number = may(actor, 'post.review', subject)
    ? (await listHiddenNames(database, { postId: handIn.postId }, personId)).get(handIn.postId)
    : undefined;
  const written = number === undefined ? null : await findRevision(database, handIn.revisionId);
  const shown = writerShown(writer, number);
  return {
    blog: shownBlog(inClass),
    title: revision.title,
    subtitle: revision.beside.subtitle,
    lettering: revision.beside.lettering,
    html: htmlForReaders(written ? await anonymously(written, personId) : revision, { sameTab: false }),
    writer: shown.name,
    handedIn: momentInWords(handIn.handedInAt.getTime(), timeZone, language),
    receipt: `${shown.monogram} ${handIn.receipt}`,
    words: handIn.words,
    takenBack: handIn.takenBackAt !== null,
    tellsAbout: subject.writerId === personId ? null : handIn.postId,
  };
}
