import type { PeerTextShown } from '../../../contract/peerReading/peerShown';
import { isTeacher, may } from '../../../core/access/may';
import { readersHtml } from '../../../core/document/html/readersHtml';
import { teacherName } from '../../../core/people/names';
import { momentInWords, timeInWords } from '../../../core/timing/inWords';
import { countDocumentWords } from '../../../core/words/documentWords';
import { whyOver } from '../../deeds/peerReading/peerReadingUseCase';
import type { Desk } from '../../deeds/sessions/desk';
import { database } from '../../ground/database/database';
import { adjustedFor } from '../../tables/adjustments';
import { findAssignment } from '../../tables/assignments';
import { openStored } from '../../tables/columns';
import { listMembers } from '../../tables/memberships';
import { findSealKey } from '../../tables/people';
import { findPeerReading, listPeerReadingsOf, listPeerWords } from '../../tables/peerReadings';
import { findRound } from '../../tables/peerRounds';
import { findRevision } from '../../tables/revisions';

/** The text of a classmate as it was taken, for who was given it to read. Null for everybody else. */
export async function maybePeerText(readingId: string, desk: Desk): Promise<PeerTextShown | null> {
  const { personId, role, inClass, now, place } = desk;
  const reading = await findPeerReading(database, readingId);
  if (!reading || reading.classId !== inClass.id) return null;
  const { writerId, readerId, assignmentId } = reading;
  if (!may({ personId, role }, 'peer.read', { writerId, peerId: readerId })) return null;
  const given = await findAssignment(database, assignmentId, now);
  const round = await findRound(database, reading.roundId);
  const members = await listMembers(database, inClass.id);
  const people = new Map(members.map((one) => [one.personId, one]));
  const over = whyOver(reading);
  // Nothing of a text that was handed in since goes out here.
  const text = over || !reading.revisionId ? null : await findRevision(database, reading.revisionId);
  if (!given) return null;
  const mine = (await listPeerReadingsOf(database, { personId, assignmentId })).filter(
    (one) => one.latest && one.readerId === personId,
  );
  const at = mine.findIndex(({ id }) => id === readingId);
  const next = mine.find((one, index) => index !== at && one.givenAt === null && one.stage === 'draft');
  const called = (id: string) => people.get(id)?.givenName ?? '';
  const { dueAt } = await adjustedFor(database, inClass, given, writerId);
  const { timeZone, language } = place;
  const body = text && openStored(text.body);
  const moment = (date: Date) => momentInWords(date.getTime(), timeZone, language);
  return {
    ...{ classId: inClass.id, readingId, assignment: given.title, number: given.number },
    writer: people.get(writerId)?.shownName ?? '',
    called: called(writerId),
    named: round?.named ?? false,
    teachers: members.filter((one) => isTeacher(one.role)).map(teacherName),
    taken: moment(reading.takenAt),
    until: dueAt && moment(dueAt),
    over: over === 'peer.handedIn' ? 'handedIn' : over && 'over',
    title: text?.title ?? '',
    words: body ? countDocumentWords(body) : 0,
    html: body ? readersHtml(body) : '',
    language: inClass.language,
    questions: round?.questions ?? [],
    said: (await listPeerWords(database, [readingId])).map(({ name, anchor, words, keptAt, takenBack }) => ({
      ...{ name, anchor, words, takenBack },
      when: timeInWords(keptAt.getTime(), timeZone, language),
    })),
    given: reading.givenAt !== null,
    reader: { id: personId, sealKey: (await findSealKey(database, personId))?.toString('base64') ?? '' },
    place: { at: at + 1, of: mine.length },
    next: next ? { readingId: next.id, called: called(next.writerId) } : null,
  };
}
