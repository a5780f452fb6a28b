import { may, type AccountRole } from '../../core/access/may';
import { database } from '../database/database';
import { listClassesOf } from './queries';

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
