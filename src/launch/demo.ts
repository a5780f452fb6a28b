import { existsSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { maybeBigSize, type BigSize } from '../../demo/bigText';
import { loadDemo } from '../../demo/loadDemo';
import { startMailServer } from '../../standins/mailServer';
import { startWeb } from '../../standins/web';
import { startSchoolSignIn } from '../../standins/schoolSignIn';
import { migrate, NewerDatabase } from '../server/ground/database/migrate';
import { renewCopies } from '../server/deeds/posts/copies';
import { startApplication } from './application';
import { build } from './build';
import { LAID_OUT, takeDataFolder } from './dataFolder';
import { install, MARIADB } from './debianPackages';
import { Failure } from './failure';
import { startMariadb } from './mariadb';
import { freePort, isFree } from './ports';
import { step } from './progress';

const DEFAULT_PORT = 4170;

/** `./porch demo`: everything from an empty machine to a running demo class. Ends when it is told to, or a part of it ends. */
export async function demo(root: string, args: readonly string[]): Promise<number> {
  const fresh = args.includes('--fresh');
  const size = sizeIn(args);
  const port = portOf(process.env['PORT']);
  if (!(await isFree(port)))
    throw new Failure(`Port ${port} is taken. Choose another: PORT=${port + 1} ./porch demo`);
  const folder = path.resolve(root, process.env['PORCH_DATA'] ?? 'data');
  const data = takeDataFolder(folder);
  const running: { stop(): Promise<void> }[] = [];
  const told = toldToStop();
  try {
    clearUnfinished(folder, fresh);
    await install([MARIADB]);
    await build(root, '.next');
    const database = await step('Starting the database', () => startMariadb(folder));
    running.push(database);
    await layOut(database.url, root);
    const mail = await startMailServer((await isFree(port + 1)) ? port + 1 : 0);
    running.push(mail);
    const origin = `http://127.0.0.1:${port}`;
    const school = await startSchoolSignIn(await freePort(), `${origin}/api/school/back`);
    running.push(school);
    const web = await startWeb();
    running.push(web);
    Object.assign(process.env, {
      DATABASE_URL: database.url,
      PORCH_MAIL: mail.smtp,
      PORCH_STAND_IN_WEB: web.address,
      PORCH_SCHOOL_ISSUER: school.issuer,
      PORCH_SCHOOL_CLIENT: school.client,
      PORCH_SCHOOL_SECRET: school.secret,
      PORCH_SCHOOL_NAME: 'Alder Quay School',
      PORCH_PICTURES: data.pictures,
      PORCH_ORIGIN: origin,
    });
    const logFile = path.join(folder, 'application.log');
    await step('Looking through what is kept of posts', renewCopies);
    const people = await loadDemo({
      now: new Date(),
      progress: (what) => process.stderr.write(`${what} …\n`),
      size,
    });
    writeFileSync(path.join(folder, LAID_OUT), '');
    const application = await step('Starting the application', () =>
      startApplication({
        root,
        build: '.next',
        port,
        databaseUrl: database.url,
        pictures: data.pictures,
        logFile,
      }),
    );
    running.push(application);
    console.log(
      `\nGreen Porch is open at ${application.origin}\n\n${people}\n\nThe mail that it sends is read at ${mail.page}\nWhat went wrong stands, by the id that people are shown, in ${logFile}\n\nCtrl-C stops it; what was done is kept.`,
    );
    const why = await Promise.race([
      told.then(() => null),
      database.ended.then(
        () => 'The database ended by itself; everything else was stopped too. Nothing saved is lost.',
      ),
      application.ended.then(
        () => 'The application ended by itself; everything else was stopped too. Nothing saved is lost.',
      ),
    ]);
    if (why) throw new Failure(why);
    return 0;
  } finally {
    for (const part of running.reverse()) await part.stop();
    data.release();
  }
}

/** Brings the database up to date. @throws Failure where a later version of ours has laid it out */
async function layOut(url: string, root: string): Promise<void> {
  try {
    await migrate(url, path.join(root, 'src/server/ground/database/migrations'));
  } catch (error) {
    if (!(error instanceof NewerDatabase)) throw error;
    throw new Failure(
      'This database was laid out by another version of Green Porch; this one leaves it alone. Start that one, or begin anew with ./porch demo --fresh.',
      { cause: error },
    );
  }
}

/** Begins anew where that is asked for, or where an earlier start was broken off before anybody could have used it. */
function clearUnfinished(folder: string, fresh: boolean): void {
  const loaded = path.join(folder, LAID_OUT);
  const unfinished = !existsSync(loaded) && existsSync(path.join(folder, 'mariadb'));
  if (unfinished && !fresh)
    console.error('An earlier start was broken off while the demo was laid out; it is done again.');
  if (!fresh && !unfinished) return;
  for (const part of [LAID_OUT, 'mariadb', 'pictures'])
    rmSync(path.join(folder, part), { recursive: true, force: true });
  mkdirSync(path.join(folder, 'pictures'), { recursive: true });
}

/** `--size 3000x300`: a further class of so many posts and students. */
function sizeIn(args: readonly string[]): BigSize | null {
  const at = args.indexOf('--size');
  if (at < 0) return null;
  const size = maybeBigSize(args[at + 1] ?? '');
  if (!size)
    throw new Failure(
      '--size needs posts by students, such as --size 3000x300, and no fewer posts than students.',
    );
  return size;
}

function portOf(setting: string | undefined): number {
  const port = setting === undefined ? DEFAULT_PORT : Number(setting);
  if (!Number.isInteger(port) || port < 1 || port > 65_535)
    throw new Failure(`PORT should be a number from 1 to 65535, not ${setting ?? ''}.`);
  return port;
}

function toldToStop(): Promise<void> {
  return new Promise((resolve) => {
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.once(signal, () => resolve());
  });
}
