import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readHtml } from '../document/html/readHtml';
import { writeHtml } from '../document/html/writeHtml';
import { documentSchema } from '../document/schema';
import { NOTHING_BESIDE } from '../posts/beside';
import { blockChanges, type BlockChange } from './blocks';
import { changesBetween, type Snapshot } from './changes';
import { merge, settle } from './merge';
import { countChanged, likeness, wordChanges } from './words';

/** Each change as one line: its kind and text, with added words in + +, removed ones in - -. */
function told(before: string, after: string): string[] {
  return blockChanges(readHtml(before), readHtml(after)).map(line);
}

function line(change: BlockChange): string {
  if (change.kind === 'changed') {
    const words = change.words.map(({ kind, text }) =>
      kind === 'same' ? text : kind === 'added' ? `+${text}+` : `-${text}-`,
    );
    return `${change.moved ? 'moved and ' : ''}changed: ${words.join('')}`;
  }
  return `${change.kind}: ${('after' in change ? change.after : change.before).textContent}`;
}

const A = '<p>Grey sky over the whole harbour.</p>';
const B = '<p>The gauge held two millimetres by noon.</p>';
const C = '<p>Nobody on the quay had a coat with them.</p>';

test.each<[string, string, string, string[]]>([
  [
    'nothing',
    A + B,
    A + B,
    ['same: Grey sky over the whole harbour.', 'same: The gauge held two millimetres by noon.'],
  ],
  [
    'a block more',
    A + C,
    A + B + C,
    [
      'same: Grey sky over the whole harbour.',
      'added: The gauge held two millimetres by noon.',
      'same: Nobody on the quay had a coat with them.',
    ],
  ],
  [
    'a block less, where it was',
    A + B + C,
    A + C,
    [
      'same: Grey sky over the whole harbour.',
      'removed: The gauge held two millimetres by noon.',
      'same: Nobody on the quay had a coat with them.',
    ],
  ],
  [
    'a block at the end less',
    A + B,
    A,
    ['same: Grey sky over the whole harbour.', 'removed: The gauge held two millimetres by noon.'],
  ],
  [
    'a word exchanged',
    A,
    '<p>Blue sky over the whole harbour.</p>',
    ['changed: -Grey-+Blue+ sky over the whole harbour.'],
  ],
  [
    'a mark only',
    A,
    '<p>Grey <strong>sky</strong> over the whole harbour.</p>',
    ['changed: Grey sky over the whole harbour.'],
  ],
  [
    'a block moved',
    A + B + C,
    C + A + B,
    [
      'moved: Nobody on the quay had a coat with them.',
      'same: Grey sky over the whole harbour.',
      'same: The gauge held two millimetres by noon.',
    ],
  ],
  [
    'moved and rewritten',
    A + B + C,
    '<p>Nobody on the quay had a warm coat with them.</p>' + A + B,
    [
      'moved and changed: Nobody on the quay had a +warm +coat with them.',
      'same: Grey sky over the whole harbour.',
      'same: The gauge held two millimetres by noon.',
    ],
  ],
  [
    'something else altogether',
    A,
    B,
    ['added: The gauge held two millimetres by noon.', 'removed: Grey sky over the whole harbour.'],
  ],
  [
    'another kind of block',
    A,
    '<h2>Grey sky over the whole harbour.</h2>',
    ['added: Grey sky over the whole harbour.', 'removed: Grey sky over the whole harbour.'],
  ],
  [
    'a caption',
    '<figure><img src="a1"><figcaption>North</figcaption></figure>',
    '<figure><img src="a1"><figcaption>South</figcaption></figure>',
    ['changed: -North-+South+'],
  ],
  [
    'a description',
    '<figure><img src="a1" alt="x"><figcaption>North</figcaption></figure>',
    '<figure><img src="a1" alt="y"><figcaption>North</figcaption></figure>',
    ['changed: North'],
  ],
  [
    'a list item',
    '<ul><li>one cup of rain</li><li>two cups of rain</li></ul>',
    '<ul><li>one cup of rain</li><li>three cups of rain</li></ul>',
    ['changed: one cup of rain\n-two-+three+ cups of rain'],
  ],
])('%s', (_, before, after, expected) => {
  const lines = told(before, after);
  expect(lines.sort()).toEqual(expected.sort());
});

test('two equal blocks, one of them taken away', () => {
  expect(told(A + A, A)).toEqual([
    'same: Grey sky over the whole harbour.',
    'removed: Grey sky over the whole harbour.',
  ]);
});

test('an empty paragraph is not moved, only there or not', () => {
  expect(told(`<p></p>${A}`, `${A}<p></p>`)).not.toContain('moved: ');
});

const block = fc.constantFrom(A, B, C, '<h2>Part</h2>', '<p></p>', '<ul><li>x</li></ul>');
const html = fc.array(block, { minLength: 1, maxLength: 8 }).map((blocks) => blocks.join(''));

describe('for any two documents', () => {
  test('each block of both is told exactly once', () => {
    fc.assert(
      fc.property(html, html, (one, other) => {
        const [before, after] = [readHtml(one), readHtml(other)];
        const changes = blockChanges(before, after);
        const sorted = (nodes: readonly { toString(): string }[]) => nodes.map(String).sort();
        expect(sorted(changes.flatMap((change) => ('before' in change ? [change.before] : [])))).toEqual(
          sorted(before.children),
        );
        expect(changes.flatMap((change) => ('after' in change ? [change.after] : [])).map(String)).toEqual(
          after.children.map(String),
        );
      }),
    );
  });

  test('keeping one side of every difference gives that side’s words', () => {
    fc.assert(
      fc.property(html, html, (one, other) => {
        const changes = blockChanges(readHtml(one), readHtml(other));
        const all = (kept: 'after') => new Map(changes.map((_, index) => [index, kept]));
        expect(writeHtml(merge(changes, all('after')))).toBe(writeHtml(readHtml(other)));
      }),
    );
  });

  test('what changed on one side only is settled by what both came from, and no word stands twice', () => {
    const base = readHtml('<p>one fog</p><p>two rain</p><p>three snow</p>');
    const theirs = readHtml('<p>one fog, thick</p><p>two rain</p><p>three snow</p><p>theirs anew</p>');
    const mine = readHtml('<p>one fog</p><p>three snow, deep</p>');
    const changes = blockChanges(theirs, mine);
    const { kept, conflicts } = settle(changes, base);
    expect(conflicts.size).toBe(0);
    expect(
      merge(changes, kept)
        .children.map((block) => block.textContent)
        .sort(),
    ).toEqual(['one fog, thick', 'theirs anew', 'three snow, deep']);
    const parts = blockChanges(
      readHtml('<p>one fog</p><p>a part by the laptop</p>'),
      readHtml('<p>one fog</p><p>a part by the phone</p>'),
    );
    const added = settle(parts, readHtml('<p>one fog</p>'));
    expect(added.conflicts.size).toBe(0);
    expect(merge(parts, added.kept).children.map((block) => block.textContent)).toEqual([
      'one fog',
      'a part by the laptop',
      'a part by the phone',
    ]);
    const both = blockChanges(readHtml('<p>one fog there</p>'), readHtml('<p>one fog here</p>'));
    expect(settle(both, readHtml('<p>one fog</p>')).conflicts.size).toBe(1);
    expect(settle(both, null).conflicts.size).toBe(1);
  });

  test('where one side wrote nothing, the other is taken as it is', () => {
    fc.assert(
      fc.property(html, html, (one, other) => {
        const [base, written] = [readHtml(one), readHtml(other)];
        const sorted = (doc: { readonly children: readonly unknown[] }) =>
          doc.children.map((block) => JSON.stringify(block)).sort();
        for (const [theirs, mine] of [
          [base, written],
          [written, base],
        ] as const) {
          const changes = blockChanges(theirs, mine);
          const { kept, conflicts } = settle(changes, base);
          expect(conflicts.size).toBe(0);
          // A block that stands twice in one version and once in the other may come once more, and never goes.
          const words = new Set(sorted(merge(changes, kept)));
          for (const block of new Set(sorted(written)))
            if (written.textContent) expect(words).toContain(block);
        }
      }),
    );
  });

  test('nothing written is lost in a merge that nobody touched', () => {
    fc.assert(
      fc.property(html, html, (one, other) => {
        const merged = merge(blockChanges(readHtml(one), readHtml(other)), new Map()).textContent;
        for (const text of [...readHtml(one).children, ...readHtml(other).children])
          expect(merged).toContain(text.textContent);
      }),
    );
  });
});

test('words', () => {
  expect(wordChanges('', '')).toEqual([]);
  expect(countChanged(wordChanges('It rained, a little.', 'It rained hard, a little more.'))).toEqual({
    added: 2,
    removed: 0,
  });
  expect(likeness('', '')).toBe(1);
  expect(likeness('grey sky', 'Grey SKY')).toBe(1);
  expect(likeness('grey sky', 'blue sea')).toBe(0);
});

const snapshot = (html: string, more: Partial<Snapshot> = {}): Snapshot => ({
  title: 'Skies',
  labels: ['rain'],
  beside: NOTHING_BESIDE,
  body: readHtml(html),
  ...more,
});

test('what stands beside the text is compared too', () => {
  const cover = { src: 'abcdefgh12345678', description: '' };
  const changes = changesBetween(
    snapshot(A),
    snapshot(A + B, {
      title: 'Wet skies',
      labels: ['wind'],
      beside: { ...NOTHING_BESIDE, cover, teaser: 'Rain.' },
    }),
  );
  expect(changes).toMatchObject({
    labels: { added: ['wind'], removed: ['rain'] },
    cover: true,
    words: { added: 7, removed: 0 },
    teaser: [{ kind: 'added', text: 'Rain.' }],
    any: true,
  });
  expect(changesBetween(snapshot(A), snapshot(A)).any).toBe(false);
});

test('two long texts that share nothing are told coarsely, in no time', () => {
  const words = (seed: string, count: number) =>
    Array.from({ length: count }, (_, index) => `${seed}${index}`).join(' ');
  const told = wordChanges(
    `It began so. ${words('a', 20_000)} The end.`,
    `It began so. ${words('b', 20_000)} The end.`,
  );
  expect(told.map((change) => change.kind)).toEqual(['same', 'removed', 'added', 'same']);
  expect(told[0]?.text).toBe('It began so. ');
  expect(
    told
      .filter((one) => one.kind !== 'added')
      .map((one) => one.text)
      .join(''),
  ).toContain('The end.');
});

test('two long documents that share nothing but their ends keep these', () => {
  const long = (seed: string) =>
    documentOf([
      'same first',
      ...Array.from({ length: 3000 }, (_, index) => `${seed}${index} here`),
      'same last',
    ]);
  const kinds = blockChanges(long('a'), long('b')).map((change) => change.kind);
  expect([kinds[0], kinds.at(-1)]).toEqual(['same', 'same']);
  expect(new Set(kinds.slice(1, -1))).toEqual(new Set(['removed', 'added']));
});

function documentOf(paragraphs: readonly string[]) {
  const blocks = paragraphs.map((text) =>
    documentSchema.node('paragraph', null, [documentSchema.text(text)]),
  );
  return documentSchema.node('doc', null, blocks);
}
