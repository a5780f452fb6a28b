import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { migrate } from '../server/ground/database/migrate';
import { importBundled } from './bundle';
import { bundleTasks } from './bundleTasks';
import { CHROMIUM, install, MARIADB } from './debianPackages';
import { Failure } from './failure';
import { startMariadb } from './mariadb';
import { step } from './progress';

/** `./porch bench core|roster|alike|pages|writing|first-letter|weight|readers|search|hostile|load|kills`: measurements as lines of JSON. */
export async function bench(root: string, [part = '', ...args]: readonly string[]): Promise<number> {
  if (part === 'roster')
    return benchOnDatabase(root, async () => (await import('../benches/roster')).benchRoster());
  if (part === 'alike') {
    const posts = numberAfter(args, '--posts', 20_000);
    await bundleTasks(root);
    return benchOnDatabase(root, async () => (await import('../benches/alike')).benchAlike(posts));
  }
  if (part === 'search')
    return benchOnDatabase(root, async () =>
      (await import('../benches/search')).benchSearch((what) => console.error(what)),
    );
  if (part === 'pages') {
    await bundleTasks(root);
    return benchOnDatabase(root, async () =>
      (await import('../../tests/server/benchPages')).benchPages((what) => console.error(what)),
    );
  }
  if (part === 'writing') return benchInBrowser();
  if (part === 'first-letter') return benchFirst(root);
  if (part === 'hostile') return benchHouse(({ benchHostileHouse }) => benchHostileHouse());
  if (part === 'load') return benchHouse(({ benchLoadHouse }) => benchLoadHouse());
  if (part === 'readers') return benchHouse(({ benchReadersHouse }) => benchReadersHouse(root));
  if (part === 'weight') return benchHouse(({ benchWeightHouse }) => benchWeightHouse(root));
  if (part === 'kills')
    return benchHouse(({ benchKillsHouse }) => benchKillsHouse(numberAfter(args, '--rounds', 20)));
  if (part !== 'core')
    throw new Failure(
      `There is no benchmark ${part}; there are core, roster, alike, pages, writing, first-letter, weight, readers, search, hostile, load and kills.`,
    );
  const { benchCore } = await importBundled<typeof import('../benches/core')>(root, 'src/benches/core.ts');
  const { benchAnchors } = await importBundled<typeof import('../benches/anchors')>(
    root,
    'src/benches/anchors.ts',
  );
  for (const line of [...benchCore(), ...(await benchAnchors())]) console.log(JSON.stringify(line));
  return 0;
}

/** What is measured in a real browser, on the demo class. */
async function benchInBrowser(): Promise<number> {
  await install([MARIADB, CHROMIUM]);
  const { benchWriting } = await import('../../tests/browser/benchWriting');
  for (const line of await benchWriting()) console.log(JSON.stringify(line));
  return 0;
}

/** How soon a post can be written in. */
async function benchFirst(root: string): Promise<number> {
  await install([MARIADB, CHROMIUM]);
  const { benchFirstLetter } = await import('../../tests/browser/benchFirstLetter');
  for (const line of await benchFirstLetter(root)) console.log(JSON.stringify(line));
  return 0;
}

type HouseBenches = typeof import('../../tests/browser/benchHouse');

/** What is measured on a whole house with the demo class, asked over the network. */
async function benchHouse(measure: (benches: HouseBenches) => Promise<readonly object[]>): Promise<number> {
  await install([MARIADB]);
  for (const line of await measure(await import('../../tests/browser/benchHouse')))
    console.log(JSON.stringify(line));
  return 0;
}

/** A whole number from 1 that is given after its name, such as `--rounds 20`. */
function numberAfter(args: readonly string[], name: string, absent: number): number {
  const at = args.indexOf(name);
  const given = at < 0 ? absent : Number(args[at + 1]);
  if (!Number.isInteger(given) || given < 1)
    throw new Failure(`${name} needs a whole number, such as ${name} ${absent}.`);
  return given;
}

/** What is measured on a database of their own that is gone afterwards. */
async function benchOnDatabase(root: string, measure: () => Promise<readonly object[]>): Promise<number> {
  await install([MARIADB]);
  const folder = mkdtempSync(path.join(tmpdir(), 'porch-bench-'));
  // Commits are flushed as in a running install.
  const database = await step('Starting the database', () => startMariadb(folder));
  try {
    await migrate(database.url, path.join(root, 'src/server/ground/database/migrations'));
    Object.assign(process.env, {
      DATABASE_URL: database.url,
      PORCH_PICTURES: folder,
      PORCH_ORIGIN: 'http://127.0.0.1:1',
      PORCH_LOG: 'silent',
    });
    for (const line of await measure()) console.log(JSON.stringify(line));
    const { closePool } = await import('../server/ground/database/pool');
    await closePool();
    return 0;
  } finally {
    await database.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
