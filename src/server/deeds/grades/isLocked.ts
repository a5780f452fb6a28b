import type { Database } from '../../ground/database/database';
import type { PostFacts } from '../subjects/findPostToActOn';
import { readingOf } from './readingOf';

/**
 * Whether what somebody gave a post stays as it is because its second reader is done: theirs from then on, the first reader's once
 * that is complete too. The levels are set in the second reading, with a reason.
 */
export async function isLocked(database: Database, facts: PostFacts, by: string): Promise<boolean> {
  const { second } = facts.post;
  if (!second?.done) return false;
  return second.readerId === by || (await readingOf(database, facts, 'first')).figure !== null;
}
