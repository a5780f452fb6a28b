import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { startWeb } from '../../standins/web';
import { startMailServer } from '../../standins/mailServer';
import { bundleTasks } from '../../src/launch/bundleTasks';
import { startMariadb } from '../../src/launch/mariadb';
import { migrate } from '../../src/server/ground/database/migrate';

/** Starts a MariaDB of the tests' own, in a folder that is gone afterwards, and tells the tests where it is. */
export default async function startDatabase(): Promise<() => Promise<void>> {
  const folder = mkdtempSync(path.join(tmpdir(), 'porch-test-'));
  const pictures = path.join(folder, 'pictures');
  mkdirSync(pictures);
  await bundleTasks(process.cwd());
  const database = await startMariadb(folder, { quick: true });
  await migrate(database.url, path.resolve('src/server/ground/database/migrations'));
  const mail = await startMailServer();
  const web = await startWeb();
  Object.assign(process.env, {
    DATABASE_URL: database.url,
    PORCH_PICTURES: pictures,
    PORCH_ORIGIN: 'http://127.0.0.1:1',
    PORCH_LOG: 'silent',
    PORCH_MAIL: mail.smtp,
    PORCH_STAND_IN_WEB: web.address,
    PORCH_TEST_MAIL: mail.page,
  });
  return async () => {
    await mail.stop();
    await web.stop();
    await database.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
