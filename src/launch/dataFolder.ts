import {
  closeSync,
  existsSync,
  mkdirSync,
  openSync,
  readFileSync,
  rmSync,
  unlinkSync,
  writeSync,
} from 'node:fs';
import path from 'node:path';
import { Failure, folderFailure } from './failure';

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
    mkdirSync(pictures, { recursive: true });
    takeLock(lock, folder);
  } catch (error) {
    if (error instanceof Failure) throw error;
    throw folderFailure(folder, error);
  }
  return { path: folder, pictures, release: () => rmSync(lock, { force: true }) };
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
