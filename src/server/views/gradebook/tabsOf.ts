import type { TermTab } from '../../../contract/gradebook/termShown';
import type { Span } from '../../../core/classes/schoolYear';

/** The ways to the terms of a class. @param closed the first days of those that are closed */
export function tabsOf(
  terms: readonly Span[],
  closed: { readonly has: (term: string) => boolean },
): readonly TermTab[] {
  return terms.map(({ name, from }) => ({ term: from, name, closed: closed.has(from) }));
}
