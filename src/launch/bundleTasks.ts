import path from 'node:path';
import { build } from 'esbuild';

/** Where the bundle lies, from the root: within node_modules, so that packages are found from there. */
const TASKS = 'node_modules/.porch/tasks.mjs';

/** Bundles what worker threads do into one file that they can load as it is: a tenth of a second. */
export async function bundleTasks(root: string): Promise<void> {
  await build({
    entryPoints: [path.join(root, 'src/workers/tasks/index.ts')],
    outfile: path.join(root, TASKS),
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    sourcemap: true,
    tsconfig: path.join(root, 'tsconfig.json'),
    logLevel: 'error',
  });
}
