import { randomBytes } from 'node:crypto';
import { log } from '../ground/logging/log';

/** Logs an error that nobody expected, without what it says, under an id that the person sees. */
export function logUnexpected(error: unknown): string {
  const id = randomBytes(4).toString('hex');
  log().error({
    id,
    error: error instanceof Error ? { name: error.name, stack: error.stack } : typeof error,
  });
  return id;
}
