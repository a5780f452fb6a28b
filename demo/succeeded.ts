import type { Result } from '../src/server/ground/access/useCase';

/** What a deed of the demo came to; it is refused none. */
export function succeeded<Value>(result: Result<Value>): Value {
  if (!result.ok) throw new Error(`the demo could not be loaded: ${result.code} ${result.field ?? ''}`);
  return result.value;
}
