/** So many are kept: more than a school has languages, time zones and ways to write a day, and than a day has minutes. */
const MOST = 2000;

/** What is known under a key, made where it is not; none of it ever changes. */
export function kept<Value>(known: Map<string, Value>, key: string, make: () => Value): Value {
  const found = known.get(key);
  if (found !== undefined) return found;
  if (known.size >= MOST) known.clear();
  const made = make();
  known.set(key, made);
  return made;
}
