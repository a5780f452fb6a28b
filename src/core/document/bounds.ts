/**
 * How much a document may hold, as JSON: far more than anybody writes, and little enough that opening one takes no time that
 * others would notice. A list within a list takes four levels.
 */
const MOST = { values: 30_000, characters: 600_000, levels: 200 };

/** Whether something is within these bounds. It is walked without recursion, so nothing is too deep to be told so. */
export function isWithinBounds(json: unknown): boolean {
  const open: { readonly value: unknown; readonly level: number }[] = [{ value: json, level: 1 }];
  let [values, characters] = [0, 0];
  for (let next = open.pop(); next; next = open.pop()) {
    const { value, level } = next;
    values += 1;
    if (typeof value === 'string') characters += value.length;
    if (values > MOST.values || characters > MOST.characters || level > MOST.levels) return false;
    if (typeof value !== 'object' || value === null) continue;
    for (const part of Object.values(value)) open.push({ value: part, level: level + 1 });
  }
  return true;
}
