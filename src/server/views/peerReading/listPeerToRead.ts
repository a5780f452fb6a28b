import { isStudent } from '../../../core/access/may';
import type { Desk } from '../../deeds/sessions/desk';
import { database } from '../../ground/database/database';
import { listSomeMembers } from '../../tables/memberships';
import { listPeerWaiting } from '../../tables/peerReadings';

/** The texts of classmates that a student was given to read, in all of their classes, and whose they are. */
export async function listPeerToRead(desks: readonly Desk[]) {
  const [first] = desks;
  if (!first) return [];
  const waiting = await listPeerWaiting(database, first.personId);
  const found = [];
  for (const { inClass, role } of desks) {
    const here = waiting.filter((one) => one.classId === inClass.id);
    if (here.length === 0 || !isStudent(role)) continue;
    const writers = await listSomeMembers(
      database,
      inClass.id,
      here.map((one) => one.writerId),
    );
    const names = new Map(writers.map((one) => [one.personId, one.shownName]));
    for (const { readingId, classId, title, writerId } of here)
      found.push({ readingId, classId, title, of: names.get(writerId) ?? '' });
  }
  return found;
}
