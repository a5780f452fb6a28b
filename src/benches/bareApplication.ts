import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { run, startBound, stop } from '../launch/childProcess';
import { Failure } from '../launch/failure';
import { freePort } from '../launch/ports';
import { step } from '../launch/progress';

/** Beside our own source, where its packages are found; not kept under version control. */
const FOLDER = '.porch/bare';

const FILES: Readonly<Record<string, string>> = {
  'package.json': '{ "name": "bare", "private": true }',
  'next.config.mjs': `import path from 'node:path';
export default { poweredByHeader: false, serverExternalPackages: ['mysql2'], turbopack: { root: path.resolve('../..') }, reactCompiler: true };`,
  'app/layout.jsx': `export default function Layout({ children }) {
  return <html lang="en"><body>{children}</body></html>;
}`,
  // Asked for anew each time, as our own pages are.
  'app/page.jsx': `export const dynamic = 'force-dynamic';
export default function Page() {
  return <main>Nothing</main>;
}`,
  // The text that `BARE_TEXT` names: as it is, and as a page.
  'app/text/page.jsx': `import { readFileSync } from 'node:fs';
export const dynamic = 'force-dynamic';
const text = process.env.BARE_TEXT ? readFileSync(process.env.BARE_TEXT, 'utf8') : '';
export default function Page() {
  return <main dangerouslySetInnerHTML={{ __html: text }} />;
}`,
  'app/row/[id]/route.js': `import { createPool } from 'mysql2/promise';
const pool = createPool({ uri: process.env.DATABASE_URL, connectionLimit: 10 });
export async function GET(_, { params }) {
  const { id } = await params;
  const [rows] = await pool.execute('SELECT html FROM bare_texts WHERE id = ?', [id]);
  return new Response(rows[0].html, { headers: { 'content-type': 'text/html; charset=utf-8' } });
}`,
  'app/editor/page.jsx': `import { BareEditor } from '../BareEditor';
export const dynamic = 'force-dynamic';
export default function Page() {
  return <BareEditor />;
}`,
  'app/BareEditor.jsx': `'use client';
import { Node } from '@tiptap/core';
import { EditorContent, useEditor } from '@tiptap/react';
const extensions = [
  Node.create({ name: 'doc', topNode: true, content: 'paragraph+' }),
  Node.create({ name: 'paragraph', content: 'text*', parseHTML: () => [{ tag: 'p' }], renderHTML: () => ['p', 0] }),
  Node.create({ name: 'text' }),
];
export function BareEditor() {
  const editor = useEditor({ extensions, immediatelyRender: false });
  return <EditorContent editor={editor} />;
}`,
};

export interface BareApplication {
  readonly origin: string;
  stop(): Promise<void>;
}

/**
 * The framework with an empty page at `/`, and with nothing but an editor at `/editor`: what our own pages are measured against.
 * With a text, that text as a page at `/text`, and at `/row/1` what `bare_texts` of the database at `DATABASE_URL` holds under 1, out
 * of a route handler with that one query.
 */
export async function startBareApplication(root: string, text = ''): Promise<BareApplication> {
  const folder = path.join(root, FOLDER);
  const next = path.join(root, 'node_modules/next/dist/bin/next');
  const textFile = path.join(folder, 'text.html');
  const env = {
    ...process.env,
    NODE_ENV: 'production' as const,
    NEXT_TELEMETRY_DISABLED: '1',
    BARE_TEXT: textFile,
  };
  rmSync(folder, { recursive: true, force: true });
  for (const [name, text] of Object.entries(FILES)) {
    mkdirSync(path.dirname(path.join(folder, name)), { recursive: true });
    writeFileSync(path.join(folder, name), text);
  }
  writeFileSync(textFile, text);
  await step('Building the bare pages', async () => {
    const { status, output } = await run(process.execPath, [next, 'build'], { cwd: folder, env });
    if (status !== 0) throw new Failure(`The bare pages could not be built:\n${output.slice(-2000)}`);
  });
  const port = await freePort();
  const server = startBound(
    process.execPath,
    [next, 'start', '--port', String(port), '--hostname', '127.0.0.1'],
    {
      cwd: folder,
      stdio: 'ignore',
      env,
    },
  );
  const origin = `http://127.0.0.1:${port}`;
  await answering(origin);
  return {
    origin,
    async stop() {
      await stop(server);
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

async function answering(origin: string): Promise<void> {
  for (let tries = 0; tries < 200; tries += 1) {
    const answer = await fetch(origin).catch(() => null);
    if (answer?.ok) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Failure('The bare pages do not answer.');
}
