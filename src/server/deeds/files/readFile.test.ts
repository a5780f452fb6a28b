import { readFileSync } from 'node:fs';
import path from 'node:path';
import { zipSync } from 'fflate';
import { afterAll, beforeAll, expect, test } from 'vitest';
import {
  buildHouse,
  emptyDatabase,
  type House,
  NOW,
  personOf,
  setWork,
  writePost,
  type Who,
} from '../../../../tests/server/house';
import { writeHtml } from '../../../core/document/html/writeHtml';
import { openDocument } from '../../../core/document/openDocument';
import { closePool } from '../../ground/database/pool';
import { readFile } from './readFile';

let house: House;
let postId: string;
beforeAll(async () => {
  await emptyDatabase();
  house = await buildHouse();
  postId = await writePost(house, await setWork(house));
});
afterAll(closePool);

const fixture = (name: string) => readFileSync(path.resolve('tests/fixtures/wordProcessor', name));
const read = (name: string, file: Buffer | string, who: Who = 'writer') =>
  readFile(
    { writingId: postId, name, file: Buffer.from(file) },
    { personId: personOf(house, who), now: NOW },
  );

async function htmlOf(name: string, file: Buffer | string): Promise<string> {
  const result = await read(name, file);
  return result.ok ? writeHtml(openDocument(result.value.body)) : result.code;
}

const PARTS = [
  '<h2>Skies over the quay</h2>',
  'the sky was <strong>combed</strong>, and the <em>wind</em> <u>hummed</u>.',
  '<a href="https://harbour.example/tides">table of tides</a>',
  '<ul><li><p>one cup</p><ul><li><p>half a cup</p></li><li><p>a spoon</p></li></ul></li><li><p>two cups</p></li></ul>',
  '<p>2 mm</p>',
  '<s>perhaps</s>',
  '<img src="pasted-1"',
];

test.each(['quay.odt', 'quay.docx'])('%s opens with its structure', async (name) => {
  const html = await htmlOf(name, fixture(name));
  for (const part of PARTS) expect(html).toContain(part);
  expect(html).toContain('<ol start="3"><li><p>third step</p></li>');
  const result = await read(name, fixture(name));
  expect(result.ok && result.value.pictures[0]?.from).toMatch(/^data:image\/png;base64,/);
});

test('a text has its paragraphs, and Markdown its headings', async () => {
  expect(await htmlOf('a.txt', 'One <b>\r\nline.\r\n\r\nTwo.')).toBe(
    '<p>One &lt;b&gt;<br>line.</p><p>Two.</p>',
  );
  expect(await htmlOf('a.MD', '# Rain\n\nIt *fell*.')).toBe('<h2>Rain</h2><p>It <em>fell</em>.</p>');
});

test('what is broken, too old or unknown is refused in a word', async () => {
  expect(await htmlOf('a.docx', 'no archive at all')).toBe('file.broken');
  expect(await htmlOf('a.odt', Buffer.from(zipSync({ 'other.xml': new Uint8Array(3) })))).toBe('file.broken');
  expect(await htmlOf('a.odt', Buffer.from(zipSync({ 'content.xml': Buffer.from('<open') })))).toBe(
    'file.broken',
  );
  expect(await htmlOf('a.doc', 'x')).toBe('file.oldKind');
  expect(await htmlOf('a.exe', 'x')).toBe('file.unknownKind');
  expect(await htmlOf('none', 'x')).toBe('file.unknownKind');
  const bomb = zipSync({ 'word/document.xml': new Uint8Array(90 * 1024 * 1024) });
  expect(await htmlOf('bomb.docx', Buffer.from(bomb))).toBe('file.broken');
});

test('only for whoever writes the post', async () => {
  for (const who of ['visitor', 'classmate', 'teacher'] as const)
    expect(await read('a.txt', 'x', who)).toMatchObject({ code: 'notThere' });
});

test('a Markdown file’s front matter is its title and labels, and none of its text', async () => {
  const file = '---\ntitle: Fog on the wall\ntags: [fog, sea]\n---\nIt came at night.';
  expect(await read('fog.md', file)).toMatchObject({
    ok: true,
    value: { title: 'Fog on the wall', labels: ['fog', 'sea'] },
  });
  expect(await htmlOf('fog.md', file)).toBe('<p>It came at night.</p>');
});

test.each(['utf8', 'latin1', 'utf16le'] as const)('a text in %s is read right', async (encoding) => {
  expect(await htmlOf('sea.txt', Buffer.from('Möwen über dem Kai: »naß«', encoding))).toBe(
    '<p>Möwen über dem Kai: »naß«</p>',
  );
});
