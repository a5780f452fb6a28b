import type { ForEachKind } from './registry';

/** What there is for a kind by its name; undefined where no kind is called so. */
export function ofKind<Value>(things: ForEachKind<Value>, kind: string): Value | undefined {
  return Object.hasOwn(things, kind) ? things[kind as keyof ForEachKind<Value>] : undefined;
}
