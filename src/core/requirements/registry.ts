import type { RequirementKind } from './kind';
import { labels } from './kinds/labels';
import { links } from './kinds/links';
import { pictures } from './kinds/pictures';
import { title } from './kinds/title';
import { words } from './kinds/words';

/** Every kind of requirement there is, in the order in which a teacher is offered them. */
export const REQUIREMENT_KINDS = [words, title, pictures, links, labels] as const;

/**
 * The kind of that name, or null. Its settings are typed loosely here: whoever asks has checked them
 * against `requirementSchema`.
 */
export function findRequirementKind(name: string): RequirementKind<unknown> | null {
  const kinds: readonly RequirementKind<never>[] = REQUIREMENT_KINDS;
  return (kinds.find((kind) => kind.kind === name) as RequirementKind<unknown> | undefined) ?? null;
}
