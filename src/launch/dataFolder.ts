import { spawnSync } from 'node:child_process';
import {
  closeSync,
  existsSync,
  ftruncateSync,
  mkdirSync,
  openSync,
  readdirSync,
  readFileSync,
  rmSync,
  statfsSync,
  writeSync,
} from 'node:fs';
import path from 'node:path';
import { Failure, folderFailure } from './failure';

/** Stands in a data folder once everything in it is laid out completely. */
export const LAID_OUT = 'demo-is-loaded';

/** How the folder is called in which a restore makes everything before it moves into place. */
export const RESTORING = 'restore-';

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
    const held = takeLock(lock, folder);
    clearBrokenOff(folder);
    return { path: folder, pictures, release: () => closeSync(held) };
  } catch (error) {
    if (error instanceof Failure) throw error;
    throw folderFailure(folder, error);
  }
}

/** What a restore left that was broken off holds everything that children wrote: it goes. */
function clearBrokenOff(folder: string): void {
  for (const name of readdirSync(folder))
    if (name.startsWith(RESTORING)) rmSync(path.join(folder, name), { recursive: true, force: true });
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

/**
 * Holds a lock of the kernel on a file, which ends with this process however that ends. The lock belongs to the open file, so
 * the small program that takes it may end at once; programs that we start later do not get the file.
 * @returns the open file; closing it gives the lock back
 */
function takeLock(lock: string, folder: string): number {
  const file = openSync(lock, 'a+', 0o600);
  const { status, error } = spawnSync('flock', ['--nonblock', '3'], {
    stdio: ['ignore', 'ignore', 'ignore', file],
  });
  if (error || status !== 0) {
    const pid = readFileSync(lock, 'utf8').trim();
    closeSync(file);
    if (error) throw new Failure('The program flock (Debian: util-linux) is missing.', { cause: error });
    throw new Failure(`Green Porch runs already with ${folder} (process ${pid}). Stop that one first.`);
  }
  ftruncateSync(file);
  writeSync(file, `${process.pid}\n`);
  return file;
}
