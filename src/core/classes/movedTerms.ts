import type { Span } from './schoolYear';

/** Terms of the same name that begin on another day now, by both days: what is known of them follows. */
export function movedTerms(
  before: readonly Span[],
  after: readonly Span[],
): readonly { readonly was: string; readonly is: string }[] {
  const kept = new Set(after.map(({ from }) => from));
  const known = new Set(before.map(({ from }) => from));
  return before.flatMap(({ from, name }) => {
    if (kept.has(from)) return [];
    const moved = after.find((one) => one.name === name && !known.has(one.from));
    return moved ? [{ was: from, is: moved.from }] : [];
  });
}

/** The first term that is not as it was among some that must stay as they are; null where all are. */
export function changedTerm(
  standing: readonly { readonly from: string; readonly to: string }[],
  after: readonly Span[],
): { readonly from: string } | null {
  return standing.find(({ from, to }) => !after.some((one) => one.from === from && one.to === to)) ?? null;
}
