import { strFromU8, unzipSync } from 'fflate';
import { expect, test } from 'vitest';
import { zipStream } from './zipStream';

const bytesOf = async (stream: ReadableStream<Uint8Array>) =>
  new Uint8Array(await new Response(stream).arrayBuffer());
const soon = () => new Promise((resolve) => setTimeout(resolve, 20));

test('what is sent while it is made is a whole file', async () => {
  const picture = Uint8Array.from({ length: 5000 }, (_, index) => (index * 7) % 256);
  const stream = zipStream(async (zip) => {
    await zip.add('a.txt', 'Fog. '.repeat(1000));
    expect([zip.has('a.txt'), zip.has('b.webp')]).toEqual([true, false]);
    await zip.addPacked('b.webp', picture);
  });
  const files = unzipSync(await bytesOf(stream));
  expect(strFromU8(files['a.txt']!)).toBe('Fog. '.repeat(1000));
  expect(files['b.webp']).toEqual(picture);
});

test('nothing is made ahead of who reads, and nothing for who went away', async () => {
  let made = 0;
  const stream = zipStream(async (zip) => {
    for (; made < 500; made += 1) await zip.addPacked(`${made}.webp`, new Uint8Array(1000));
  });
  await soon();
  expect(made).toBeLessThan(10);
  await stream.cancel();
  await soon();
  expect(made).toBeLessThan(12);
});

test('where it fails half way, the file is broken off and not taken for a whole one', async () => {
  const stream = zipStream(async (zip) => {
    await zip.add('a.txt', 'x');
    throw new Error('no such picture');
  });
  await expect(bytesOf(stream)).rejects.toThrow('no such picture');
});
