import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';

/**
 * Bundles a module as pages are given it, and loads that: what runs it from its source otherwise names every function anew
 * each time, which costs more than many of them do. @param entry from the root, such as `src/benches/core.ts`
 */
export async function importBundled<Module>(root: string, entry: string): Promise<Module> {
  // Within node_modules, so that packages are found from there.
  const folder = path.join(root, 'node_modules/.porch');
  mkdirSync(folder, { recursive: true });
  const outfile = path.join(folder, `${path.basename(entry, '.ts')}.mjs`);
  await build({
    entryPoints: [path.join(root, entry)],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    logLevel: 'error',
  });
  return (await import(pathToFileURL(outfile).href)) as Module;
}
