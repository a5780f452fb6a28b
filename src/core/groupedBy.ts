/** Things by a key of each, both in the order in which they come. */
export function groupedBy<Thing>(
  things: readonly Thing[],
  keyOf: (thing: Thing) => string,
): ReadonlyMap<string, readonly Thing[]> {
  const groups = new Map<string, Thing[]>();
  for (const thing of things) {
    const group = groups.get(keyOf(thing));
    if (group) group.push(thing);
    else groups.set(keyOf(thing), [thing]);
  }
  return groups;
}
