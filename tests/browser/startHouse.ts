import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { loadDemo } from '../../demo/loadDemo';
import { startApplication } from '../../src/launch/application';
import { build } from '../../src/launch/build';
import { startMariadb } from '../../src/launch/mariadb';
import { freePort } from '../../src/launch/ports';
import { startMailServer } from '../../standins/mailServer';
import { startWeb } from '../../standins/web';
import { startSchoolSignIn } from '../../standins/schoolSignIn';
import { migrate } from '../../src/server/ground/database/migrate';
import { keepAsBegun } from './asBegun';
import { openControl } from './houseControl';

const BUILD = '.next-test';

/** What ends a part of the house. */
type End = () => unknown;

/** The house of the tests. */
export default function startHouse(): Promise<() => Promise<void>> {
  return openHouse({ quick: true });
}

/**
 * The whole house as people use it: production build, real database, the demo class; beside a running demo.
 * @param quick true where nothing is measured: commits are not flushed one by one, and a killed database may lose the last
 */
export async function openHouse({ quick }: { readonly quick: boolean }): Promise<() => Promise<void>> {
  const ends: End[] = [];
  const leave = async () => {
    for (const end of ends.toReversed()) await end();
  };
  try {
    await furnish(quick, (end) => ends.push(end));
  } catch (error) {
    // What had begun would keep the process alive.
    await leave();
    throw error;
  }
  return leave;
}

async function furnish(quick: boolean, ended: (by: End) => void): Promise<void> {
  const root = process.cwd();
  const folder = mkdtempSync(path.join(tmpdir(), 'porch-browser-'));
  ended(() => rmSync(folder, { recursive: true, force: true }));
  const pictures = path.join(folder, 'pictures');
  mkdirSync(pictures);
  await build(root, BUILD);
  const databaseSettings = { quick, port: await freePort() };
  let database = await startMariadb(folder, databaseSettings);
  ended(() => database.stop());
  await migrate(database.url, path.resolve('src/server/ground/database/migrations'));
  const port = await freePort();
  const origin = `http://127.0.0.1:${port}`;
  const mail = await startMailServer();
  ended(() => mail.stop());
  const school = await startSchoolSignIn(await freePort(), `${origin}/api/school/back`);
  ended(() => school.stop());
  const web = await startWeb();
  ended(() => web.stop());
  Object.assign(process.env, {
    DATABASE_URL: database.url,
    PORCH_PICTURES: pictures,
    PORCH_ORIGIN: origin,
    PORCH_LOG: 'silent',
    PORCH_MAIL: mail.smtp,
    PORCH_STAND_IN_WEB: web.address,
    PORCH_SCHOOL_ISSUER: school.issuer,
    PORCH_SCHOOL_CLIENT: school.client,
    PORCH_SCHOOL_SECRET: school.secret,
    PORCH_SCHOOL_NAME: 'Alder Quay School',
    PORCH_TEST_MAIL: mail.page,
  });
  await loadDemo({ now: new Date(), progress: () => undefined });
  await keepAsBegun();
  const settings = { root, build: BUILD, port, databaseUrl: database.url, pictures, log: 'error' };
  let application = await startApplication(settings);
  ended(() => application.stop());
  const closeControl = await openControl({
    killApplication: () => application.kill(),
    startApplication: async () => {
      application = await startApplication(settings);
    },
    stopDatabase: () => database.stop(),
    killDatabase: () => database.kill(),
    startDatabase: async () => {
      database = await startMariadb(folder, databaseSettings);
    },
  });
  ended(closeControl);
  process.env['PORCH_TEST_ORIGIN'] = origin;
}
