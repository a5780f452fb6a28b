import path from 'node:path';
import { DOMParser } from '@xmldom/xmldom';
import { By } from 'selenium-webdriver';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { database } from '../../src/server/ground/database/database';
import { origin, Person } from './person';
import { cookies, get, ids, postForm, signEverybodyIn } from './walkers';

const POST = '/blog/wind/1-build-a-wind-cup-from-yoghurt-pots';

let commented = '';

beforeAll(async () => {
  await signEverybodyIn();
  const [post] = await database.rows<{ id: string }>('SELECT id FROM posts WHERE address = :address', {
    address: path.basename(POST),
  });
  commented = post?.id ?? '';
});

/** Pressing leads to a page that comes anew: what is done next is done on that one. */
async function takeBack(writer: Person, said: string): Promise<void> {
  await writer.press('Take it back');
  await writer.driver.wait(async () => !(await writer.shows(said)), 20_000);
}

describe('without any script', () => {
  let visitor: Person;
  let student: Person;
  beforeAll(async () => {
    visitor = await Person.arrive();
    await visitor.hasNoScript();
    student = await Person.arrive();
  });
  afterAll(async () => {
    await visitor.leave();
    await student.leave();
  });

  test('a visitor reads the front page and a post', async () => {
    await visitor.goTo('/blog/wind');
    await visitor.press('Build a wind cup from yoghurt pots');
    await visitor.press('how-it-works');
    await visitor.sees('posts labelled “how-it-works”');
    await visitor.press('Build a wind cup from yoghurt pots');
    await visitor.press('How an instrument works');
    await visitor.sees('for “How an instrument works”');
    await visitor.driver.navigate().back();
  });

  test('and looks for words in all posts, and in those with a label', async () => {
    await visitor.goTo('/blog/wind');
    await visitor.fill('Find a post', 'yoghurt pots');
    await visitor.press('Find', "//form[@role='search']");
    await visitor.sees('“yoghurt pots”');
    expect(await visitor.driver.findElements(By.css('.post-line h2 mark'))).not.toEqual([]);
    await visitor.press('Only exactly these words');
    await visitor.sees('Words close to these too');
    await visitor.goTo('/blog/wind/labels/how-it-works');
    await visitor.fill('Find words in', '% "no such thing" *');
    await visitor.press('Find', "//header[contains(@class, 'list-head')]");
    await visitor.sees('None of');
    await visitor.fill('Find words in', '%');
    await visitor.press('Find', "//header[contains(@class, 'list-head')]");
    await visitor.sees('Type a word: letters or digits.');
    await visitor.press('Clear');
    await visitor.goTo(POST);
  });

  test('and tells a teacher that something is wrong', async () => {
    await visitor.press('Tell a teacher');
    await visitor.fill('What worries you?', 'It is not true that it turned in no wind.');
    await visitor.press('Tell them');
    await visitor.sees('Thank you. It was right to say it.');
  });

  test('a passphrase that is wrong comes back to its field', async () => {
    await visitor.goTo('/blog/wind/there-is-no-such-post');
    await visitor.fill('Passphrase', 'twelve wet umbrellas');
    await visitor.press('Open', '//form');
    await visitor.sees('passphrase');
    expect(await (await visitor.field('Passphrase')).getAttribute('value')).toBe('twelve wet umbrellas');
  });

  test('a student comments, and takes it back', async () => {
    await student.signInAsStudent('casimir');
    await student.hasNoScript();
    await student.goTo(POST);
    await student.press('Say it');
    await student.sees('Say something first.');
    await student.fill('Say something about it', 'The second pot from the left is the best one.');
    await student.press('Say it');
    await student.sees('The second pot from the left is the best one.');
    expect(await student.driver.getCurrentUrl()).toContain('#comment-');
    await takeBack(student, 'The second pot from the left is the best one.');
  });
});

describe('with its script', () => {
  let student: Person;
  beforeAll(async () => {
    student = await Person.arrive();
    await student.signInAsStudent('casimir');
  });
  afterAll(() => student.leave());

  test('what was typed stays where the line is gone, and goes once it is back', async () => {
    await student.goTo(POST);
    await student.fill('Say something about it', 'Mine has six pots and turns slower.');
    await student.hasLine({ offline: true });
    await student.press('Say it');
    await student.sees('The server can’t be reached.');
    expect(await (await student.field('Say something about it')).getAttribute('value')).toContain('six pots');
    await student.hasLine({ offline: false });
    await student.press('Say it');
    await student.sees('Mine has six pots and turns slower.');
    expect(await (await student.field('Say something about it')).getAttribute('value')).toBe('');
    await takeBack(student, 'Mine has six pots and turns slower.');
  });

  test('what is wrong stands at its field, without leaving the page', async () => {
    await student.press('Say it');
    await student.sees('Say something first.');
    expect(await student.barriers()).toEqual([]);
    expect((await student.complaints()).filter((one) => !/DISCONNECTED|status of 422/.test(one))).toEqual([]);
  });
});

describe('what is posted to a page', () => {
  const say = (text: string, who: 'classmate' | 'visitor' | 'reader' = 'classmate') =>
    postForm(POST, { does: 'writeComment', postId: commented, text }, who);

  test('is taken from our own pages only', async () => {
    const elsewhere = { origin: 'https://evil.example' };
    const fields = { does: 'writeComment', postId: commented, text: 'hello' };
    expect((await postForm(POST, fields, 'classmate', elsewhere)).status).toBe(403);
    expect((await postForm(POST, fields, 'classmate', { origin: 'null' })).status).toBe(403);
  });

  test('ten thousand words come back whole, with why, and with nothing of them run', async () => {
    const long = '<img src=x onerror=alert(1)> "word" & '.repeat(2500);
    const answer = await say(long);
    const page = await answer.text();
    expect(answer.status).toBe(422);
    expect(page).toContain('at most 2000 characters');
    expect(page).not.toContain('<img src=x');
    expect(page.split('&lt;img src=x onerror=alert(1)&gt; &quot;word&quot; &amp; ').length).toBe(2501);
  });

  test('is refused for whom the deed is not, and for a deed that no form asks', async () => {
    expect((await say('hello', 'visitor')).status).toBe(401);
    expect((await say('hello', 'reader')).status).toBe(404);
    expect((await postForm(POST, { does: 'deleteClass', classId: ids.classId }, 'teacher')).status).toBe(404);
    expect((await postForm(POST, { does: '__proto__' }, 'teacher')).status).toBe(404);
    expect((await postForm(POST, {}, 'teacher')).status).toBe(404);
  });

  test('the same comment sent a hundred times at once is one', async () => {
    const text = 'A hundred times the same.';
    const answers = await Promise.all(Array.from({ length: 100 }, () => say(text)));
    expect(answers.every(({ status }) => [303, 422, 429].includes(status))).toBe(true);
    const rows = await database.rows('SELECT id FROM comments WHERE text = :text', { text });
    expect(rows).toHaveLength(1);
    await database.change('DELETE FROM comments WHERE text = :text', { text });
  });
});

describe('what a browser has already', () => {
  const asked = (address: string, headers: Record<string, string> = {}) =>
    fetch(origin() + address, { headers, redirect: 'manual' });

  test('is asked for again, and not sent again while it stands', async () => {
    for (const address of ['/blog/wind', POST]) {
      const first = await asked(address);
      const tag = first.headers.get('etag') ?? '';
      expect([first.headers.get('cache-control'), tag.slice(0, 3)]).toEqual(['no-cache', 'W/"']);
      expect(first.headers.get('vary')).toContain('Cookie');
      const again = await asked(address, { 'if-none-match': tag });
      expect([again.status, await again.text()]).toEqual([304, '']);
      expect((await asked(address, { 'if-none-match': '"another"' })).status).toBe(200);
    }
  });

  test('is another one once the class looks otherwise or the post is away', async () => {
    const tag = (await asked(POST)).headers.get('etag') ?? '';
    const still = () => asked(POST, { 'if-none-match': tag }).then(({ status }) => status);
    await database.change("UPDATE classes SET subtitle = 'Seen from the roof' WHERE address = 'wind'");
    expect(await still()).toBe(200);
    await database.change("UPDATE classes SET ceiling = 'ourClass' WHERE address = 'wind'");
    expect(await still()).toBe(404);
    await database.change("UPDATE classes SET ceiling = 'everyone' WHERE address = 'wind'");
  });

  test('is kept by nobody where somebody reads it', async () => {
    const page = await get(POST, 'classmate');
    expect([page.headers.get('cache-control'), page.headers.get('etag')]).toEqual([
      'private, no-store',
      null,
    ]);
    expect(cookies.get('classmate')).toContain('porch_session');
    expect((await get('/blog/wind/nothing', 'visitor')).headers.get('cache-control')).toBe(
      'private, no-store',
    );
  });

  test('a page asks no other origin for anything, and lets nothing in', async () => {
    const page = await asked(POST);
    const policy = page.headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'none'");
    expect(policy).not.toMatch(/https?:|\*|unsafe-eval|script-src[^;]*unsafe-inline/);
    const html = await page.text();
    const loaded = [...html.matchAll(/<(?:script|link|img)[^>]*(?:src|href)="([^"]*)"/g)].map(
      ([, at]) => at!,
    );
    expect(loaded.length).toBeGreaterThan(2);
    expect(loaded.filter((at) => !at.startsWith('/'))).toEqual([]);
    for (const at of loaded.filter((one) => one.startsWith('/readers/'))) {
      const file = await asked(at);
      expect([at, file.status]).toEqual([at, 200]);
      expect(file.headers.get('cache-control')).toContain('immutable');
    }
    expect((await asked('/readers/names.json')).status).toBe(404);
    expect((await asked('/readers/..%2Fporch-built')).status).toBe(404);
  });
});

describe('what search engines and those who pass an address on are told', () => {
  const contentOf = (page: string, name: string) =>
    new RegExp(`<meta (?:name|property)="${name}" content="([^"]*)"`).exec(page)?.[1];
  const open = (yes: boolean) =>
    database.change('UPDATE classes SET search_engines = :yes WHERE address = :address', {
      yes,
      address: 'wind',
    });
  afterAll(() => open(false));

  test('nothing for search engines where the class did not let them in', async () => {
    expect((await get('/blog/wind/sitemap.xml', 'visitor')).status).toBe(404);
    expect((await get('/blog/nowhere/sitemap.xml', 'visitor')).status).toBe(404);
    expect(await (await get(POST, 'visitor')).text()).not.toContain('rel="canonical"');
  });

  test('a picture and the teaser for those who get the address of a post that everybody may read', async () => {
    const page = await (await get(POST, 'visitor')).text();
    expect(contentOf(page, 'og:title')).toContain('Build a wind cup');
    expect(contentOf(page, 'og:description')).toBe(contentOf(page, 'description'));
    const picture = contentOf(page, 'og:image') ?? '';
    expect(picture.startsWith(origin())).toBe(true);
    expect((await get(picture.slice(origin().length), 'visitor')).status).toBe(200);
    expect(await (await get('/blog/wind/labels/how-it-works', 'visitor')).text()).not.toContain('og:');
  });

  test('feeds with the posts that a stranger may read, the same for whoever asks, and not sent twice', async () => {
    const atom = await get('/blog/wind/feeds/atom', 'visitor');
    expect(atom.headers.get('content-type')).toBe('application/atom+xml; charset=utf-8');
    const text = await atom.text();
    const problems: string[] = [];
    const note = (problem: unknown) => problems.push(String(problem));
    const errorHandler = { warning: note, error: note, fatalError: note };
    const read = new DOMParser({ errorHandler }).parseFromString(text, 'application/xml');
    expect(problems).toEqual([]);
    expect(read.documentElement.namespaceURI).toBe('http://www.w3.org/2005/Atom');
    const entries = Array.from(read.getElementsByTagName('entry'));
    const links = entries.map((entry) => entry.getElementsByTagName('link')[0]?.getAttribute('href') ?? '');
    expect(links).toContain(origin() + POST);
    for (const link of links) expect((await get(link.slice(origin().length), 'visitor')).status).toBe(200);
    for (const must of ['id', 'title', 'updated', 'author'])
      for (const entry of entries) expect(entry.getElementsByTagName(must)).toHaveLength(1);
    expect(await (await get('/blog/wind/feeds/atom', 'teacher')).text()).toBe(text);
    const json = await get('/blog/wind/feeds/json', 'visitor');
    const feed = (await json.json()) as { version: string; items: readonly { url: string }[] };
    expect(feed.version).toContain('jsonfeed.org/version/1');
    expect(feed.items.map(({ url }) => url)).toEqual(links);
    const again = await fetch(`${origin()}/blog/wind/feeds/atom`, {
      headers: { 'if-none-match': atom.headers.get('etag') ?? '' },
    });
    expect(again.status).toBe(304);
    expect((await get('/blog/wind/feeds/rss', 'teacher')).status).toBe(404);
    expect((await get('/blog/nowhere/feeds/atom', 'visitor')).status).toBe(404);
    expect(await (await get('/blog/wind', 'visitor')).text()).toContain('href="/blog/wind/feeds/atom"');
  });

  test('where it did, each page says where it stands, and a map names what a stranger may read and no more', async () => {
    await open(true);
    expect(await (await get('/robots.txt', 'visitor')).text()).toContain(
      `Sitemap: ${origin()}/blog/wind/sitemap.xml`,
    );
    const page = await (await get(POST, 'teacher')).text();
    expect(page).toContain(`<link rel="canonical" href="${origin()}${POST}"/>`);
    const search = await get('/blog/wind/search?q=wind', 'visitor');
    expect(search.headers.get('x-robots-tag')).toContain('noindex');
    const map = await get('/blog/wind/sitemap.xml', 'classmate');
    expect(map.headers.get('content-type')).toContain('application/xml');
    const named = Array.from((await map.text()).matchAll(/<loc>([^<]+)<\/loc>/g), ([, address = '']) =>
      address.slice(origin().length),
    );
    expect(named).toContain(POST);
    const statuses = await Promise.all(named.map(async (address) => (await get(address, 'visitor')).status));
    expect(new Set(statuses)).toEqual(new Set([200]));
    const [all] = await database.rows<{ count: number }>(
      'SELECT COUNT(DISTINCT post_id) AS count FROM shown_posts',
    );
    const posts = named.filter((address) => address !== '/blog/wind' && !address.includes('/pages/'));
    expect(posts.length).toBeLessThan(all!.count);
  });
});
