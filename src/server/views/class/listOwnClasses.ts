import { may, type AccountRole } from '../../../core/access/may';
import { dateInWords } from '../../../core/timing/inWords';
import { database } from '../../ground/database/database';
import { listDeletedClassesOf } from '../../deeds/classes/deletionQueries';
import { listClassesOf } from '../../tables/classes';

/** A person's classes with what they are in each, those at rest last. */
export async function listOwnClasses(personId: string) {
  const classes = await listClassesOf(database, personId);
  return classes
    .map(({ id, title, groupName, role, restedAt, settledAt, address }) => ({
      id,
      title,
      groupName,
      address,
      role,
      state: restedAt ? ('resting' as const) : settledAt ? ('open' as const) : ('settling' as const),
    }))
    .sort((a, b) => Number(a.state === 'resting') - Number(b.state === 'resting'));
}

/** Whether somebody can make classes of their own. */
export function mayMakeClasses({
  id,
  account,
}: {
  readonly id: string;
  readonly account: AccountRole | null;
}): boolean {
  return may({ personId: id, role: null, account }, 'class.make', {});
}

/** The classes that somebody ran and deleted, while they can be brought back. */
export async function listDeletedClasses(personId: string) {
  return (await listDeletedClassesOf(database, personId)).map(({ eraseAt, ...one }) => ({
    ...one,
    goneForGood: dateInWords(eraseAt.getTime(), 'UTC', 'en-GB'),
  }));
}
