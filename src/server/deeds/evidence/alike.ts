import type { Given } from '../../../core/alike/ownRows';
import { allStarters } from '../../../core/assignments/starters';
import type { Database } from '../../ground/database/database';
import { work } from '../../ground/work/work';
import type { AssignmentRow } from '../../tables/assignments';
import { listMaybeAlike, type MaybeAlike } from '../../tables/fingerprints';
import type { PostRow } from '../../tables/posts';

/** What everybody who writes for an assignment was given. */
export function givenIn({ starters, outline }: Pick<AssignmentRow, 'starters' | 'outline'>): Given {
  return { starters: allStarters(starters), outline };
}

/**
 * The posts in some classes, or of the same assignment elsewhere, that have words in a row with one: the same that comparing it with
 * every one of these finds. Null where it is too much to be looked through.
 * @param post with who asks
 */
export async function findAlike(
  database: Database,
  { writerId, body, by }: Pick<PostRow, 'writerId' | 'body'> & { readonly by: string },
  assignment: Pick<AssignmentRow, 'starters' | 'outline' | 'sharedId'>,
  classIds: readonly string[],
): Promise<readonly MaybeAlike[] | null> {
  const own = await work('ownWordsOf', { body, given: givenIn(assignment) }, by);
  if (!own.ok) return null;
  const { rows, fingerprints } = own.value;
  const maybe = await listMaybeAlike(database, {
    fingerprints,
    writerId,
    classIds,
    sharedId: assignment.sharedId,
  });
  if (maybe.length === 0) return [];
  const others = maybe.map(({ id, words }) => ({ id, words }));
  const alike = await work('alikeAmong', { rows, others }, by);
  return alike.ok ? maybe.filter(({ id }) => alike.value.includes(id)) : null;
}
