import type { PostToCheck } from '../core/requirements/post';
import { asksFor, type Requirement } from '../core/requirements/requirement';
import { maybeSpeller } from '../workers/tasks/spellers';

/** The dictionary of an assignment's language, where one of its requirements asks about spelling: reading one takes long. */
export async function spellerFor(
  requirements: readonly Requirement[],
  language: string,
): Promise<Pick<PostToCheck, 'speller'>> {
  return asksFor(requirements, 'spelling') ? { speller: await maybeSpeller(language) } : {};
}
