import { setImmediate } from 'node:timers/promises';

/** Makes something of each of many, and lets others come in between after so many of them. */
export async function mapInTurn<Item, Made>(
  items: readonly Item[],
  many: number,
  make: (item: Item, at: number) => Made,
): Promise<Made[]> {
  const made: Made[] = [];
  for (const [at, item] of items.entries()) {
    if (at % many === 0) await setImmediate();
    made.push(make(item, at));
  }
  return made;
}
