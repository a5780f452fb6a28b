/** So many texts are remembered; then all are forgotten, so that a process that lives long does not fill up. */
const MOST = 2000;

/**
 * The one string that stands for all that read alike. Keys that are put together anew each time are found much faster so:
 * the same string is told by its place, two that read alike only by reading both.
 */
export const sameString = rememberByText((text) => text);

/** Lets a function of one short text be computed once while the same texts come again and again, as while somebody types. */
export function rememberByText<Value>(compute: (text: string) => Value): (text: string) => Value {
  const known = new Map<string, { readonly value: Value }>();
  return (text) => {
    const found = known.get(text);
    if (found) return found.value;
    if (known.size >= MOST) known.clear();
    const value = compute(text);
    known.set(text, { value });
    return value;
  };
}
