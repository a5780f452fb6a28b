import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { startWeb } from '../../standins/web';
import { startMailServer } from '../../standins/mailServer';
import { bundleTasks } from '../../src/launch/bundleTasks';
import { startMariadb } from '../../src/launch/mariadb';
import { migrate } from '../../src/server/ground/database/migrate';
import type { Surroundings } from '../support/surroundings';
import { PLACES } from './testPlaces';

/**
 * Starts what the tests stand on, in a folder that is gone afterwards: for each process that runs tests a MariaDB and a folder
 * for pictures of its own, so that two files never meet; and one mail server and one web for all.
 */
export default async function startDatabase(): Promise<() => Promise<void>> {
  const folder = mkdtempSync(path.join(tmpdir(), 'porch-test-'));
  await bundleTasks(process.cwd());
  // One after the other: two that are laid out at the same moment get into each other's way.
  const databases: Awaited<ReturnType<typeof startMariadb>>[] = [];
  const places: Surroundings[] = [];
  for (let index = 0; index < PLACES; index += 1) {
    const place = path.join(folder, String(index));
    const pictures = path.join(place, 'pictures');
    mkdirSync(pictures, { recursive: true });
    const database = await startMariadb(place, { quick: true });
    databases.push(database);
    places.push({ DATABASE_URL: database.url, PORCH_PICTURES: pictures });
  }
  const migrations = path.resolve('src/server/ground/database/migrations');
  await Promise.all(databases.map((database) => migrate(database.url, migrations)));
  const mail = await startMailServer();
  const web = await startWeb();
  Object.assign(process.env, {
    PORCH_TEST_PLACES: JSON.stringify(places),
    PORCH_ORIGIN: 'http://127.0.0.1:1',
    PORCH_LOG: 'silent',
    PORCH_MAIL: mail.smtp,
    PORCH_STAND_IN_WEB: web.address,
    PORCH_TEST_MAIL: mail.page,
  });
  return async () => {
    await mail.stop();
    await web.stop();
    await Promise.all(databases.map((database) => database.stop()));
    rmSync(folder, { recursive: true, force: true });
  };
}
