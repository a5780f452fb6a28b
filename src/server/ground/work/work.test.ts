import type { EventEmitter } from 'node:events';
import { afterAll, describe, expect, test } from 'vitest';
import { zipSync, strToU8 } from 'fflate';
import { NOTHING_BESIDE } from '../../../core/posts/beside';
import { closeWork, work } from './work';

afterAll(closeWork);

const file = (text: string) => new Uint8Array(Buffer.from(text));
const read = (kind: 'md' | 'odt' | 'docx' | 'html' | 'txt', bytes: Uint8Array, by = 'child') =>
  work('readFile', { kind, file: bytes }, by);
const odt = (content: string) =>
  zipSync({
    'content.xml': strToU8(
      `<office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"><office:body><office:text>${content}</office:text></office:body></office:document-content>`,
    ),
  });
const deep = (open: string, close: string, depth: number) => open.repeat(depth) + close.repeat(depth);
const kept = (words: string) => ({
  title: '',
  labels: [],
  beside: NOTHING_BESIDE,
  body: JSON.stringify({
    type: 'doc',
    content: [{ type: 'paragraph', content: [{ type: 'text', text: words }] }],
  }),
});

/** What one person could send to stop everybody. */
const HOSTILE: readonly (readonly [string, () => Promise<{ readonly ok: boolean }>])[] = [
  ['a hundred kilobytes of brackets', () => read('md', file('['.repeat(100_000)))],
  ['a hundred kilobytes of emphasis', () => read('md', file('*_'.repeat(50_000)))],
  ['quotations fifty thousand deep', () => read('md', file('>'.repeat(50_000)))],
  ['lists ten thousand deep', () => read('html', file(deep('<ul><li>', '</li></ul>', 10_000)))],
  [
    'a text document nested a thousand deep',
    () => read('odt', odt(deep('<text:list><text:list-item>', '</text:list-item></text:list>', 1000))),
  ],
  [
    'one nested fifty thousand deep',
    () => read('odt', odt(deep('<text:list><text:list-item>', '</text:list-item></text:list>', 50_000))),
  ],
  ['an archive cut off in the middle', () => read('odt', odt('<text:p>x</text:p>').subarray(0, 60))],
  ['four megabytes of paragraphs', () => read('txt', file('x\n\n'.repeat(1_300_000)))],
];

describe('what one person sends', () => {
  test.each(HOSTILE)('%s leaves the thread that answers everybody free', async (_, send) => {
    // Every task is ended within its time, and told as too much, broken, or done; none of it runs here.
    let longest = 0;
    let last = performance.now();
    const beat = setInterval(() => {
      longest = Math.max(longest, performance.now() - last);
      last = performance.now();
    }, 20);
    const outcome = await send();
    clearInterval(beat);
    expect(typeof outcome.ok).toBe('boolean');
    // On a machine that is busy with the task itself; what ran here used to stop everything for minutes.
    expect(longest).toBeLessThan(3000);
  });

  test('does not end the next task', async () => {
    const outcomes = await Promise.all([
      read('md', file('['.repeat(100_000)), 'one'),
      read('md', file('# All grey'), 'another'),
    ]);
    expect(outcomes[1]).toMatchObject({ ok: true, value: { kind: 'read' } });
  });
});

test('a thread that dies of a task which was given up takes nobody with it', async () => {
  await read('txt', file('grey'));
  const { porchWork } = globalThis as { porchWork?: Map<string, { readonly pool: EventEmitter }> };
  for (const { pool } of porchWork?.values() ?? [])
    expect(() => pool.emit('error', new Error('out of memory'))).not.toThrow();
  expect(porchWork?.size).toBeGreaterThan(0);
  expect(await read('txt', file('grey'))).toMatchObject({ ok: true });
});

test('texts are spelt by the dictionary of their language, compounds too', async () => {
  const measure = (language: string, text: string) =>
    work(
      'measure',
      {
        assignment: {
          number: 1,
          title: '',
          date: null,
          week: null,
          language,
          timeZone: 'UTC',
          classLabels: [],
          starters: [],
          outline: [],
          requirements: [
            { id: 's', kind: 'spelling', weight: 'required', points: 1, partial: false, maxUnknown: 0 },
          ],
        } as never,
        post: { title: '', labels: [], body: kept(text).body },
        copied: null,
        spelling: language,
      },
      'child',
    );
  const state = async (language: string, text: string) => {
    const measured = await measure(language, text);
    return measured.ok ? measured.value.answer.requirements[0]?.state : measured.why;
  };
  expect(await state('de', 'heute war es wolknlos')).not.toBe('met');
  expect(await state('de', 'heute war es himmelblau und windstill')).toBe('met');
  expect(await state('fr', 'les nuages passent au loin')).toBe('met');
  expect(await state('en-GB', 'the colour of the sky')).toBe('met');
  expect(await state('en-GB', 'the colr of the sky')).not.toBe('met');
});

test('two long versions that have nothing in common are compared all the same', async () => {
  const words = (seed: string) => Array.from({ length: 20_000 }, (_, index) => `${seed}${index}`).join(' ');
  const compared = await work('compare', { before: kept(words('a')), after: kept(words('b')) }, 'child');
  expect(compared).toMatchObject({ ok: true, value: { any: true } });
});

test('a secret is verified by what was hashed', async () => {
  const hashed = await work('hash', 'seven lanterns', '');
  if (!hashed.ok) throw new Error(hashed.why);
  expect(await work('verify', { hashed: hashed.value, secret: 'seven lanterns' }, '')).toEqual({
    ok: true,
    value: true,
  });
  expect(await work('verify', { hashed: hashed.value, secret: 'six lanterns' }, '')).toEqual({
    ok: true,
    value: false,
  });
});
