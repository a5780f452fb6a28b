import { narrower } from '../../core/access/audience';
import { appearance, consentOn, widestWith, type Appearance } from '../../core/privacy/consent';
import { localDate } from '../../core/timing/zonedTime';
import type { DrawnBack } from '../../contract/publications/drawnBack';
import { listClassesEverOf, type ClassRow, type MemberRow } from '../classes/queries';
import type { Database } from '../database/database';
import { findPerson } from '../people/queries';
import { drawBack } from '../publications/drawBack';
import { listConsentsOf, listConsentsOfClass, type ConsentRow } from './queries';

/** How each writer of a class may appear outside it now. `members`: everybody who is or was in it. */
export async function listAppearances(
  database: Database,
  inClass: ClassRow,
  { members, now }: { readonly members: readonly MemberRow[]; readonly now: Date },
): Promise<(writerId: string) => Appearance> {
  if (!inClass.consentNeeded) return () => 'byRule';
  const day = localDate(now.getTime(), inClass.timeZone);
  const consents = grouped(await listConsentsOfClass(database, inClass.id));
  const penNames = new Map(members.map((one) => [one.personId, one.penName]));
  return (writerId) =>
    appearance(consentOn(consents.get(writerId) ?? [], day), { penName: penNames.get(writerId) ?? null });
}

/** How one writer may appear outside a class now. */
export async function findAppearance(
  database: Database,
  inClass: ClassRow,
  { writerId, now }: { readonly writerId: string; readonly now: Date },
): Promise<Appearance> {
  if (!inClass.consentNeeded) return 'byRule';
  const day = localDate(now.getTime(), inClass.timeZone);
  const person = await findPerson(database, writerId);
  const purposes = consentOn(await listConsentsOf(database, writerId), day);
  return appearance(purposes, { penName: person?.penName ?? null });
}

/** Draws back, in every class, what a writer has before more people than the class's ceiling and consent allow now. */
export async function drawBackToWhatIsAllowed(
  database: Database,
  writerId: string,
  { by, now }: { readonly by: string; readonly now: Date },
): Promise<readonly DrawnBack[]> {
  const drawn: DrawnBack[] = [];
  for (const inClass of await listClassesEverOf(database, writerId)) {
    const to = narrower(
      inClass.ceiling,
      widestWith(await findAppearance(database, inClass, { writerId, now })),
    );
    drawn.push(...(await drawBack(database, { classId: inClass.id, writerId }, { to, by, now })));
  }
  return drawn;
}

function grouped(consents: readonly ConsentRow[]): ReadonlyMap<string, readonly ConsentRow[]> {
  const byPerson = new Map<string, ConsentRow[]>();
  for (const consent of consents)
    byPerson.set(consent.personId, [...(byPerson.get(consent.personId) ?? []), consent]);
  return byPerson;
}
