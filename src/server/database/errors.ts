const DEADLOCK = 1213;
const LOCK_WAIT_TIMEOUT = 1205;

/** A deadlock, a lock waited for too long, or a transaction that a cluster did not certify: the same again may work. */
export function isTransient(error: unknown): boolean {
  const number = errorNumber(error);
  return number === DEADLOCK || number === LOCK_WAIT_TIMEOUT;
}

function errorNumber(error: unknown): number | null {
  if (!(error instanceof Error) || !('errno' in error)) return null;
  return typeof error.errno === 'number' ? error.errno : null;
}
