import { gzipSync } from 'node:zlib';
import { medianTimes, type Measurement } from './measure';

/** Where the pages of readers are asked, and what they are measured against. */
export interface ReadersHouse {
  readonly origin: string;
  /** The page of a post that everybody may read. */
  readonly post: string;
  /** Front pages of a class with 30 posts and of one with 3,000. */
  readonly small: string;
  readonly large: string;
  /** The framework with the very bytes of the post: out of a route handler with one query, and as a page. */
  readonly bareRow: string;
  readonly barePage: string;
}

/** So many ask at once, each again as soon as it is answered. */
const AT_ONCE = 8;
const REQUESTS = 400;
const ROUNDS = 7;

/** How readers' pages are answered, against the framework's own least in the same run; a front page of many posts against one of few. */
export async function benchReaders(house: ReadersHouse): Promise<readonly Measurement[]> {
  const { origin, bareRow, barePage } = house;
  const post = origin + house.post;
  const first = await fetch(post);
  const html = await first.text();
  const tag = first.headers.get('etag') ?? '';
  const script = /<script src="([^"]+)"/.exec(html)?.[1] ?? '';
  const scriptBytes = gzipSync(await (await fetch(origin + script)).text()).length;
  const known = { 'if-none-match': tag };
  if ((await fetch(post, { headers: known })).status !== 304) throw new Error('the page is sent again');
  return [
    await rate('post-visitor', post, bareRow),
    await rate('post-visitor-vs-page', post, barePage),
    await rate('post-304', post, bareRow, known),
    await growth(origin + house.small, origin + house.large),
    { name: 'script-bytes', ratio: 1, value: scriptBytes, unit: 'bytes (gzip)' },
  ];
}

/** Requests per second, by those of the bare one. */
async function rate(
  name: string,
  address: string,
  bare: string,
  headers: Readonly<Record<string, string>> = {},
): Promise<Measurement> {
  const { time, floor } = await medianTimes(
    ROUNDS,
    () => askOften(address, headers),
    () => askOften(bare, {}),
  );
  return { name, ratio: round(floor / time), value: round((REQUESTS * 1000) / time), unit: 'requests/s' };
}

async function growth(small: string, large: string): Promise<Measurement> {
  const { time, floor } = await medianTimes(
    ROUNDS,
    () => askOften(large, {}),
    () => askOften(small, {}),
  );
  return { name: 'front-growth', ratio: round(time / floor), value: round(time / REQUESTS), unit: 'ms' };
}

async function askOften(address: string, headers: Readonly<Record<string, string>>): Promise<void> {
  let left = REQUESTS;
  const askOn = async () => {
    while (left-- > 0) {
      const answer = await fetch(address, { headers });
      await answer.arrayBuffer();
      if (answer.status >= 400) throw new Error(`${address}: ${answer.status}`);
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, askOn));
}

function round(number: number): number {
  return Math.round(number * 100) / 100;
}
