import { DOMParser } from '@xmldom/xmldom';
import { expect, test, vi } from 'vitest';
import { blogAddresses } from '@/core/blog/addresses';
import { FEED_FILES } from './feedFile';

vi.mock('@/server/ground/settings/settings', () => ({
  getSettings: () => ({ origin: 'https://porch.example' }),
}));

const shown = (title: string) => ({
  blog: blogAddresses('wind'),
  title: `Wind & ${title}`,
  subtitle: 'What 8B sees',
  language: 'en-IE',
  searchEngines: false,
  posts: [
    {
      ...{ postId: 'abcdefghijklmnop', title, teaser: title, address: '/blog/wind/für-alle' },
      ...{ writer: title, cover: null, since: new Date('2026-11-17T12:00:00Z') },
    },
  ],
});

test.each([
  'a & b',
  '<script>alert(1)</script>',
  ']]>',
  '&amp; &lt;',
  '"\'',
  'a\u0000b\u0008\u000Cc\uFFFE',
  'half a \uD83D sign',
  '🌬️ wind',
])('%j stands in a feed as it was written', (title) => {
  const clean = title.toWellFormed().replace(/[\u0000\u0008\u000C\uFFFE]/g, '');
  const problems: unknown[] = [];
  const note = (problem: unknown) => problems.push(problem);
  const errorHandler = { warning: note, error: note, fatalError: note };
  const read = new DOMParser({ errorHandler }).parseFromString(
    FEED_FILES.atom(shown(title)),
    'application/xml',
  );
  expect(problems).toEqual([]);
  const entry = read.getElementsByTagName('entry')[0];
  // A title of HTML: what it says is what its text says once it is read as that.
  const html = entry?.getElementsByTagName('title')[0]?.textContent ?? '';
  const said = new DOMParser({ errorHandler }).parseFromString(`<p>${html}</p>`, 'application/xml');
  expect(said.documentElement.textContent).toBe(clean);
  expect(entry?.getElementsByTagName('link')[0]?.getAttribute('href')).toBe(
    'https://porch.example/blog/wind/f%C3%BCr-alle',
  );
  const json = JSON.parse(FEED_FILES.json(shown(title))) as {
    items: { title: string; content_text: string }[];
  };
  expect(json.items[0]).toMatchObject({ title, content_text: title });
});
