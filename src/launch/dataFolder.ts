import {
  closeSync,
  existsSync,
  mkdirSync,
  openSync,
  readFileSync,
  rmSync,
  statfsSync,
  unlinkSync,
  writeSync,
} from 'node:fs';
import path from 'node:path';
import { Failure, folderFailure } from './failure';

/** Stands in a data folder once everything in it is laid out completely. */
export const LAID_OUT = 'demo-is-loaded';

const MEGABYTE = 1024 * 1024;
/** Free space, in megabytes, below which a start is not tried. */
const ROOM = { fresh: 400, running: 50 };

/** A folder that holds all that an install keeps: database, pictures, the account's password. */
export interface DataFolder {
  readonly path: string;
  readonly pictures: string;
  release(): void;
}

/** Takes a data folder for this process alone. @throws Failure where another one has it, or it cannot be written to */
export function takeDataFolder(folder: string): DataFolder {
  const pictures = path.join(folder, 'pictures');
  const lock = path.join(folder, 'porch.lock');
  try {
    makeFolder(pictures);
    assertRoom(folder);
    takeLock(lock, folder);
  } catch (error) {
    if (error instanceof Failure) throw error;
    throw folderFailure(folder, error);
  }
  return { path: folder, pictures, release: () => rmSync(lock, { force: true }) };
}

/** Makes a folder and those above it, one by one: made at once, a read-only disk looks as if something were missing. */
function makeFolder(folder: string): void {
  if (existsSync(folder)) return;
  makeFolder(path.dirname(folder));
  mkdirSync(folder);
}

function assertRoom(folder: string): void {
  const { bavail, bsize } = statfsSync(folder);
  const free = Math.floor((bavail * bsize) / MEGABYTE);
  // An install that is there already needs room for what comes, not for laying out the database.
  const needed = existsSync(path.join(folder, 'mariadb')) ? ROOM.running : ROOM.fresh;
  if (free < needed)
    throw new Failure(
      `The disk that holds ${folder} is full: ${free} MB are free, ${needed} are needed. Nothing was changed.`,
    );
}

function takeLock(lock: string, folder: string): void {
  for (;;) {
    try {
      const file = openSync(lock, 'wx');
      writeSync(file, `${process.pid} ${startOf(process.pid) ?? ''}\n`);
      closeSync(file);
      return;
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
      const [pid = '', start = ''] = existsSync(lock) ? readFileSync(lock, 'utf8').trim().split(' ') : [];
      if (pid && start && startOf(Number(pid)) === start)
        throw new Failure(`Green Porch runs already with ${folder} (process ${pid}). Stop that one first.`, {
          cause: error,
        });
      // Whoever took it is gone: a crash leaves the file behind, never the right to it.
      unlinkSync(lock);
    }
  }
}

/** When a process started, in the kernel's own count, so that a number used again is not mistaken for the old process. */
function startOf(pid: number): string | null {
  try {
    return readFileSync(`/proc/${pid}/stat`, 'utf8').replace(/^.*\)/, '').split(' ')[20] ?? null;
  } catch (error) {
    if (['ENOENT', 'ESRCH'].includes((error as NodeJS.ErrnoException).code ?? '')) return null;
    throw error;
  }
}
