import { groupedBy } from '../../../core/groupedBy';
import { FREE_OUTSIDE, outside, type Outside } from '../../../core/privacy/consent';
import { localDate } from '../../../core/timing/zonedTime';
import type { ClassRow } from '../../tables/classes';
import type { MemberRow } from '../../tables/memberships';
import type { Database } from '../../ground/database/database';
import { findPerson } from '../../tables/people';
import { listConsentsOf, listConsentsOfClass } from '../../tables/consents';

/** How each writer of a class may appear outside it now. `members`: everybody who is or was in it. */
export async function listAppearances(
  database: Database,
  inClass: ClassRow,
  { members, now }: { readonly members: readonly MemberRow[]; readonly now: Date },
): Promise<(writerId: string) => Outside> {
  if (!inClass.consentNeeded) return () => FREE_OUTSIDE;
  const day = localDate(now.getTime(), inClass.timeZone);
  const consents = groupedBy(await listConsentsOfClass(database, inClass.id), (consent) => consent.personId);
  const penNames = new Map(members.map((one) => [one.personId, one.penName]));
  return (writerId) =>
    outside(consents.get(writerId) ?? [], day, { penName: penNames.get(writerId) ?? null });
}

/** How one writer may appear outside a class now. */
export async function findAppearance(
  database: Database,
  inClass: ClassRow,
  { writerId, now }: { readonly writerId: string; readonly now: Date },
): Promise<Outside> {
  if (!inClass.consentNeeded) return FREE_OUTSIDE;
  const day = localDate(now.getTime(), inClass.timeZone);
  const person = await findPerson(database, writerId);
  return outside(await listConsentsOf(database, writerId), day, { penName: person?.penName ?? null });
}
