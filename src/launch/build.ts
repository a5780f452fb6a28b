import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { bundleReaders } from './bundleReaders';
import { bundleTasks } from './bundleTasks';
import { run } from './childProcess';
import { Failure } from './failure';
import { step } from './progress';

const SOURCES = [
  'src',
  'package-lock.json',
  'next.config.ts',
  'postcss.config.mjs',
  'tsconfig.json',
  'tsconfig.base.json',
];

/** Builds the application unless this very source was built before. @param folder the build's own folder, such as `.next` */
export async function build(root: string, folder: string): Promise<void> {
  // Packages that are installed anew take it along; it takes a tenth of a second.
  await bundleTasks(root);
  const stamp = path.join(root, folder, 'porch-built');
  const source = sourceHash(root);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === source) return;
  await step('Building the application, about half a minute', async () => {
    const next = path.join(root, 'node_modules/next/dist/bin/next');
    const { status, output } = await run(process.execPath, [next, 'build'], {
      cwd: root,
      env: { ...process.env, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1', PORCH_BUILD: folder },
    });
    if (status !== 0)
      throw new Failure(
        `The application could not be built:\n${output.trim().split('\n').slice(-25).join('\n')}`,
      );
    await bundleReaders(root, path.join(folder, 'readers'));
    writeFileSync(stamp, source);
  });
}

function sourceHash(root: string): string {
  const hash = createHash('sha256');
  for (const source of SOURCES)
    for (const file of filesUnder(path.join(root, source))) hash.update(file).update(readFileSync(file));
  return hash.digest('hex');
}

function filesUnder(place: string): string[] {
  if (!existsSync(place)) return [];
  if (statSync(place).isFile()) return [place];
  return readdirSync(place)
    .sort()
    .filter((name) => !name.endsWith('.test.ts'))
    .flatMap((name) => filesUnder(path.join(place, name)));
}
