/** Error numbers of MariaDB by what they mean for us. */
const DEADLOCK = 1213;
const LOCK_WAIT_TIMEOUT = 1205;
const NODE_NOT_READY = 1047;
const DUPLICATE_KEY = 1062;
const NO_COMMON_COLLATION = 1267;
const NO_ROOM = [1021, 1026, 1114];
const CONNECTION_ENDED = [1053, 1152, 1159, 1160, 1161, 1927, 1184];

/** How the driver says that a connection is gone or could not be made; such errors have no number of the server's. */
const LOST = ['PROTOCOL_CONNECTION_LOST', 'ECONNRESET', 'ECONNREFUSED', 'EPIPE', 'ETIMEDOUT', 'ENOENT'];

/**
 * A deadlock, a lock waited for too long, a transaction that a cluster did not certify, or a node of it that is not ready:
 * nothing was done, and the same again may work.
 */
export function isTransient(error: unknown): boolean {
  const number = errorNumber(error);
  return number === DEADLOCK || number === LOCK_WAIT_TIMEOUT || number === NODE_NOT_READY;
}

/** The connection is gone, or could not be made. What had been sent on it may have been done or not. */
export function isLost(error: unknown): boolean {
  const number = errorNumber(error);
  if (number !== null && CONNECTION_ENDED.includes(number)) return true;
  if (!(error instanceof Error)) return false;
  // What is asked of a connection that has closed is refused without a code, and marked as the end of it.
  const closed = errorCode(error) === '' && 'fatal' in error && error.fatal === true;
  return closed || LOST.includes(errorCode(error));
}

/** A text that no identifier can be was compared with identifiers: there is nothing of that name. */
export function isNoIdentifier(error: unknown): boolean {
  return errorNumber(error) === NO_COMMON_COLLATION;
}

/** Something is there already under the same key: mostly somebody was quicker by a moment. */
export function isDuplicateKey(error: unknown): boolean {
  return errorNumber(error) === DUPLICATE_KEY;
}

/** Nothing more can be kept, in the database or beside it: the disk is full. */
export function isNoRoom(error: unknown): boolean {
  const number = errorNumber(error);
  return number === null ? errorCode(error) === 'ENOSPC' : NO_ROOM.includes(number);
}

function errorCode(error: unknown): string {
  return error instanceof Error && 'code' in error && typeof error.code === 'string' ? error.code : '';
}

/** The server's own numbers begin at 1000; those of the system, which the driver passes on, are below. */
function errorNumber(error: unknown): number | null {
  if (!(error instanceof Error) || !('errno' in error)) return null;
  return typeof error.errno === 'number' && error.errno >= 1000 ? error.errno : null;
}
