import { groupedBy } from '../../../core/groupedBy';
import { consentOn, FREE_OUTSIDE, outside, withPictured, type Outside } from '../../../core/privacy/consent';
import { localDate } from '../../../core/timing/zonedTime';
import type { ClassRow } from '../../tables/classes';
import type { MemberRow } from '../../tables/memberships';
import type { Database } from '../../ground/database/database';
import { findPerson } from '../../tables/people';
import { listConsentsOf, listConsentsOfClass, type ConsentRow } from '../../tables/consents';
import { listPictured, type PicturedRow } from '../../tables/picturePeople';

/** How a writer of a class may appear outside it now; with a post, what keeps that from readers outside besides. */
export type Appearances = (writerId: string, postId?: string | null) => Outside;

/** How each writer of a class may appear outside it now. `members`: everybody who is or was in it. */
export async function listAppearances(
  database: Database,
  inClass: ClassRow,
  { members, now }: { readonly members: readonly MemberRow[]; readonly now: Date },
): Promise<Appearances> {
  if (!inClass.consentNeeded) return () => FREE_OUTSIDE;
  const day = localDate(now.getTime(), inClass.timeZone);
  const consents = groupedBy(await listConsentsOfClass(database, inClass.id), (consent) => consent.personId);
  const penNames = new Map(members.map((one) => [one.personId, one.penName]));
  const pictured = groupedBy(
    await listPictured(database, { classId: inClass.id, postId: null }),
    (row) => row.postId,
  );
  return (writerId, postId = null) => {
    const writer = outside(consents.get(writerId) ?? [], day, { penName: penNames.get(writerId) ?? null });
    return withPeople(writer, (postId !== null && pictured.get(postId)) || [], { consents, day });
  };
}

/** How one writer may appear outside a class now, with one post of theirs. */
export async function findAppearance(
  database: Database,
  inClass: ClassRow,
  { writerId, postId, now }: { readonly writerId: string; readonly postId: string; readonly now: Date },
): Promise<Outside> {
  if (!inClass.consentNeeded) return FREE_OUTSIDE;
  const day = localDate(now.getTime(), inClass.timeZone);
  const person = await findPerson(database, writerId);
  const writer = outside(await listConsentsOf(database, writerId), day, { penName: person?.penName ?? null });
  const pictured = await listPictured(database, { classId: inClass.id, postId });
  const consents =
    pictured.length === 0
      ? new Map<string, ConsentRow[]>()
      : groupedBy(await listConsentsOfClass(database, inClass.id), (consent) => consent.personId);
  return withPeople(writer, pictured, { consents, day });
}

/** Whether somebody of those in a picture has not agreed to be shown outside a class. */
export async function lacksAgreement(
  database: Database,
  inClass: ClassRow,
  { pictured, now }: { readonly pictured: readonly Omit<PicturedRow, 'postId'>[]; readonly now: Date },
): Promise<boolean> {
  if (!inClass.consentNeeded) return false;
  const day = localDate(now.getTime(), inClass.timeZone);
  const consents = groupedBy(await listConsentsOfClass(database, inClass.id), (consent) => consent.personId);
  return withPeople(FREE_OUTSIDE, pictured, { consents, day }).lacks !== null;
}

function withPeople(
  writer: Outside,
  pictured: readonly Omit<PicturedRow, 'postId'>[],
  { consents, day }: { readonly consents: ReadonlyMap<string, readonly ConsentRow[]>; readonly day: string },
): Outside {
  const deleted = new Set(pictured.filter((row) => row.deleted === 1).map((row) => row.personId));
  return withPictured(
    writer,
    pictured.map((row) => row.personId),
    (personId) => !deleted.has(personId) && consentOn(consents.get(personId) ?? [], day).has('pictures'),
  );
}
