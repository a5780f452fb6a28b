import {
  closeSync,
  createWriteStream,
  existsSync,
  mkdirSync,
  mkdtempSync,
  openSync,
  readdirSync,
  readFileSync,
  realpathSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { spawn } from 'node:child_process';
import path from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createConnection } from 'mysql2/promise';
import { newId } from '../server/ground/database/newId';
import { run } from './childProcess';
import { LAID_OUT, RESTORING, takeDataFolder } from './dataFolder';
import { install, MARIADB, MARIADB_DUMP } from './debianPackages';
import { Failure, folderFailure } from './failure';
import { loadDump } from './loadDump';
import { startMariadb, URL_FILE } from './mariadb';
import { step } from './progress';

const NAME = /^porch-\d{8}-\d{6}\.tar\.gz$/;
const DUMP = 'database.sql';
/** How the folder of a backup is called that is being made; the process that makes it stands behind. */
const UNFINISHED = 'unfinished-';

interface Places {
  /** The install's data folder. */
  readonly data: string;
  /** Where backups are kept. */
  readonly backups: string;
}

/**
 * `./porch backup [FOLDER] [--keep DAYS]`: database and pictures as they are at one moment, in one file, while people
 * write on. Files of ours that are older than `--keep` are deleted, so that what was erased goes from backups too.
 */
export async function backup(root: string, args: readonly string[]): Promise<number> {
  const keep = keepOf(args);
  const folder = args.find((arg, index) => !arg.startsWith('--') && args[index - 1] !== '--keep');
  const data = path.resolve(root, process.env['PORCH_DATA'] ?? 'data');
  const places = { data, backups: path.resolve(folder ?? path.join(data, 'backups')) };
  await install([MARIADB, MARIADB_DUMP]);
  const file = await step('Backing up database and pictures', () => makeBackup(places, new Date()));
  const gone = keep === null ? 0 : deleteOld(places.backups, new Date(Date.now() - keep * 86_400_000));
  console.log(file);
  if (gone > 0) console.error(`${gone} older than ${keep} days deleted.`);
  return 0;
}

/** Makes one backup and notes it in the database; the file's path. */
export async function makeBackup({ data, backups }: Places, now: Date): Promise<string> {
  const url = new URL(urlOf(data));
  const pictures = process.env['PORCH_PICTURES'] ?? path.join(data, 'pictures');
  const stamp = now.toISOString().replace(/[-:]/g, '').replace('T', '-').slice(0, 15);
  const file = path.join(backups, `porch-${stamp}.tar.gz`);
  let scratch: string | null = null;
  try {
    mkdirSync(backups, { recursive: true });
    clearUnfinished(backups);
    // Beside the file that it becomes, for its owner alone; what a kill leaves of it goes with the next backup.
    scratch = mkdtempSync(path.join(backups, `${UNFINISHED}${process.pid}-`));
    const packed = path.join(scratch, 'packed.tar.gz');
    await dump(url, path.join(scratch, DUMP));
    // It holds everything that children wrote: nobody else of the machine reads it, not even while it is made.
    closeSync(openSync(packed, 'wx', 0o600));
    const { status, output } = await run('tar', [
      '-czf',
      packed,
      '--transform',
      's,^\\.,pictures,',
      '-C',
      scratch,
      DUMP,
      '-C',
      // The folder itself, where a link leads to it on another disk.
      realpathSync(pictures),
      '.',
    ]);
    // 1 says that a picture came while it was read: it is in the next backup.
    if (status > 1) throw new Failure(`The backup could not be written to ${backups}: ${output.trim()}`);
    renameSync(packed, file);
  } catch (error) {
    if (error instanceof Failure) throw error;
    throw folderFailure(backups, error);
  } finally {
    if (scratch) rmSync(scratch, { recursive: true, force: true });
  }
  await note(url.href, { at: now, bytes: statSync(file).size });
  return file;
}

/** Writes into the install's database that it was backed up: administrators are told how long ago that was. */
async function note(
  url: string,
  { at, bytes }: { readonly at: Date; readonly bytes: number },
): Promise<void> {
  const connection = await createConnection({ uri: url, timezone: 'Z' });
  try {
    const row = [newId(), at, bytes];
    await connection.execute('INSERT INTO backups (id, made_at, bytes) VALUES (?, ?, ?)', row);
  } finally {
    await connection.end();
  }
}

/** The address of the install's database: the one it is told, or that of its own MariaDB while it runs. */
function urlOf(data: string): string {
  const told = process.env['DATABASE_URL'];
  if (told) return told;
  const file = path.join(data, 'mariadb', URL_FILE);
  if (!existsSync(file))
    throw new Failure(`There is no database in ${data}. Say which one: PORCH_DATA=… or DATABASE_URL=…`);
  return readFileSync(file, 'utf8').trim();
}

/** Writes everything in the database as statements, all of one moment. */
async function dump(url: URL, file: string): Promise<void> {
  const child = spawn(
    'mariadb-dump',
    [
      '--no-defaults',
      ...addressOf(url),
      '--single-transaction',
      '--hex-blob',
      '--no-tablespaces',
      '--default-character-set=utf8mb4',
      url.pathname.slice(1),
    ],
    { stdio: ['ignore', 'pipe', 'pipe'], env: withPassword(url) },
  );
  await finished(child, (output) => pipeline(child.stdout, output), createWriteStream(file));
}

interface Client {
  readonly stderr: NodeJS.ReadableStream;
  once(event: 'close', then: (status: number | null) => void): unknown;
  once(event: 'error', then: (error: Error) => void): unknown;
}

/** Waits until a database client and its stream have ended well. @throws Failure with what the client said last */
async function finished<Stream>(
  child: Client,
  flow: (stream: Stream) => Promise<void>,
  stream: Stream,
): Promise<void> {
  let said = '';
  child.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
  const closed = new Promise<number | null>((resolve, reject) => {
    child.once('close', resolve);
    child.once('error', reject);
  });
  const [ended, flowed] = await Promise.allSettled([closed, flow(stream)]);
  if (ended.status === 'rejected')
    throw new Failure('The database client could not be started.', { cause: ended.reason });
  if (ended.value !== 0)
    throw new Failure(`The database could not be reached: ${said.trim().split('\n').at(-1) ?? ''}`);
  if (flowed.status === 'rejected')
    throw new Failure('The backup broke off; is the disk full?', { cause: flowed.reason });
}

function addressOf({ hostname, port, username }: URL): readonly string[] {
  return [
    '--protocol=tcp',
    `--host=${hostname}`,
    `--port=${port || '3306'}`,
    `--user=${decodeURIComponent(username)}`,
  ];
}

/** Passwords do not stand on command lines, where every account of the machine reads them. */
function withPassword({ password }: URL): NodeJS.ProcessEnv {
  return { ...process.env, MYSQL_PWD: decodeURIComponent(password) };
}

function keepOf(args: readonly string[]): number | null {
  const at = args.indexOf('--keep');
  if (at < 0) return null;
  const days = Number(args[at + 1]);
  if (!Number.isInteger(days) || days < 1)
    throw new Failure('--keep needs a whole number of days, such as --keep 35.');
  return days;
}

function deleteOld(backups: string, before: Date): number {
  const old = readdirSync(backups)
    .filter((name) => NAME.test(name))
    .map((name) => path.join(backups, name))
    .filter((file) => statSync(file).mtime < before);
  for (const file of old) rmSync(file);
  return old.length;
}

/** `./porch restore FILE`: lays a backup out in a data folder that has no database yet. Nothing is ever overwritten. */
export async function restore(root: string, args: readonly string[]): Promise<number> {
  const [file] = args;
  if (!file) throw new Failure('Say which backup: ./porch restore FILE');
  if (!existsSync(file)) throw new Failure(`There is no file ${file}.`);
  const data = path.resolve(root, process.env['PORCH_DATA'] ?? 'data');
  await install([MARIADB, MARIADB_DUMP]);
  const migrations = path.join(root, 'src/server/ground/database/migrations');
  await step('Laying the backup out', () => layOut(file, data, migrations));
  console.log(`The backup is laid out in ${data}.`);
  return 0;
}

/**
 * Lays a backup out in a folder. Everything is made beside and moved into place at the end, the database last: a folder that has
 * one is complete, and a restore that was broken off is begun again.
 * @throws Failure where the folder has a database or pictures, or the file is no backup, or one of a later version
 */
export async function layOut(file: string, data: string, migrations: string): Promise<void> {
  if (existsSync(path.join(data, 'mariadb')))
    throw new Failure(
      `There is a database in ${data} already; nothing was changed. Choose an empty folder: PORCH_DATA=… ./porch restore FILE`,
    );
  const folder = takeDataFolder(data);
  const scratch = mkdtempSync(path.join(data, RESTORING));
  try {
    if (readdirSync(folder.pictures).length > 0)
      throw new Failure(
        `There are pictures in ${data} already; nothing was changed. Choose an empty folder.`,
      );
    const unpacked = await unpack(file, scratch);
    const install = path.join(scratch, 'install');
    mkdirSync(install);
    const running = await startMariadb(install);
    try {
      await loadInto(running.url, path.join(unpacked, DUMP), { file, migrations });
    } finally {
      await running.stop();
    }
    rmSync(folder.pictures, { recursive: true });
    const pictures = path.join(unpacked, 'pictures');
    if (existsSync(pictures)) renameSync(pictures, folder.pictures);
    else mkdirSync(folder.pictures);
    writeFileSync(path.join(data, LAID_OUT), '');
    renameSync(path.join(install, 'mariadb'), path.join(data, 'mariadb'));
  } finally {
    rmSync(scratch, { recursive: true, force: true });
    folder.release();
  }
}

/** Unpacks a backup that holds nothing but files and folders; where it lies then. */
async function unpack(file: string, scratch: string): Promise<string> {
  const none = () => new Failure(`${file} is no backup of Green Porch; nothing was changed.`);
  const listed = await run('tar', ['-tvzf', file]);
  const lines = listed.output.split('\n').filter(Boolean);
  // A link would lead whatever is written through it out of the folder.
  if (listed.status !== 0 || lines.some((line) => !/^[-d]/.test(line))) throw none();
  const unpacked = path.join(scratch, 'files');
  mkdirSync(unpacked);
  const { status } = await run('tar', [
    '-xzf',
    file,
    '-C',
    unpacked,
    '--no-same-owner',
    '--no-same-permissions',
  ]);
  if (status !== 0 || !existsSync(path.join(unpacked, DUMP))) throw none();
  return unpacked;
}

/** Loads a dump into an empty database and looks whether it is one that this version understands. */
async function loadInto(
  url: string,
  dumped: string,
  { file, migrations }: { readonly file: string; readonly migrations: string },
): Promise<void> {
  try {
    await loadDump(url, dumped);
  } catch (error) {
    if (!(error instanceof Failure)) throw error;
    throw new Failure(`${file} is no backup of Green Porch: ${error.message}. Nothing was changed.`, {
      cause: error,
    });
  }
  const connection = await createConnection({ uri: url, timezone: 'Z' });
  try {
    const had = await connection
      .query('SELECT name FROM migrations')
      .then(([rows]) => (rows as { name: string }[]).map((row) => row.name))
      .catch(() => [] as string[]);
    const known = readdirSync(migrations);
    if (!known.some((name) => had.includes(name)))
      throw new Failure(`${file} is no backup of Green Porch; nothing was changed.`);
    if (had.some((name) => !known.includes(name)))
      throw new Failure(`${file} was made by a newer version of Green Porch; nothing was changed.`);
  } finally {
    await connection.end();
  }
}

/** Clears what a backup left that was killed; one that another process is at stays. */
function clearUnfinished(backups: string): void {
  for (const name of readdirSync(backups)) {
    const pid = name.startsWith(UNFINISHED) ? Number(name.slice(UNFINISHED.length).split('-')[0]) : null;
    if (pid !== null && !existsSync(`/proc/${pid}`))
      rmSync(path.join(backups, name), { recursive: true, force: true });
  }
}
