import { checkOf } from './validate';

/** A column holds something else than it should: it was written by something else than this application. */
class StoredOtherwise extends Error {
  override readonly name = 'StoredOtherwise';
}

/** Reads the text of a column. */
export type Column<Value> = (stored: string) => Value;

/**
 * How a column that holds JSON is read: the one way to its value.
 * @param name what it holds, for whoever reads the log
 * @throws StoredOtherwise where what stands there is not what the schema says; SyntaxError where it is no JSON
 */
export function column<Value>(name: string, schema: object): Column<Value> {
  const check = checkOf<Value>(schema);
  return (stored) => {
    const checked = check(JSON.parse(stored));
    if (!checked.ok) throw new StoredOtherwise(`${name}: ${checked.field}`);
    return checked.value;
  };
}

/** The same for a column that may be empty. */
export function maybe<Value>(read: Column<Value>): (stored: string | null) => Value | null {
  return (stored) => (stored === null ? null : read(stored));
}
