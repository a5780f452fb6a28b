import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import tailwind from '@tailwindcss/postcss';
import { build } from 'esbuild';
import postcss from 'postcss';

const STYLES = 'src/app/styles/readers.css';
const SCRIPT = 'src/readers/page.ts';

/**
 * Makes what readers' pages load beside their HTML: one stylesheet with its typefaces, and one small script. Each file is named by
 * what is in it and never changes.
 * @param folder where they go, from the root
 */
export async function bundleReaders(root: string, folder: string): Promise<void> {
  const place = path.join(root, folder);
  rmSync(place, { recursive: true, force: true });
  mkdirSync(place, { recursive: true });
  const from = path.join(root, STYLES);
  const { css } = await postcss([tailwind({ base: root })]).process(readFileSync(from, 'utf8'), { from });
  const shared = { bundle: true, minify: true, write: false, outdir: place, logLevel: 'error' } as const;
  const styles = await build({
    ...shared,
    stdin: { contents: css, loader: 'css', resolveDir: path.dirname(from) },
    loader: { '.woff2': 'file', '.woff': 'file' },
    assetNames: '[name].[hash]',
    publicPath: '/readers',
  });
  const script = await build({ ...shared, entryPoints: [path.join(root, SCRIPT)], format: 'iife' });
  const names = { style: '', script: '' };
  for (const { path: file, contents } of [...styles.outputFiles, ...script.outputFiles]) {
    const kind = path.extname(file);
    const hash = createHash('sha256').update(contents).digest('hex').slice(0, 12);
    const name =
      kind === '.css' ? `style.${hash}.css` : kind === '.js' ? `page.${hash}.js` : path.basename(file);
    if (kind === '.css') names.style = name;
    if (kind === '.js') names.script = name;
    writeFileSync(path.join(place, name), contents);
  }
  writeFileSync(path.join(place, 'names.json'), JSON.stringify(names));
}
