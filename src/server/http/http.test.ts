import { describe, expect, test } from 'vitest';
import { done, NOT_THERE, refused } from '../ground/access/useCase';
import { answer, fileOf, jsonOf } from './answer';
import { addressOf, isSameOrigin } from './request';

const request = (headers: Record<string, string>, body = '{}') =>
  new Request('http://127.0.0.1:4170/api/do/x', {
    method: 'POST',
    headers: { host: '127.0.0.1:4170', ...headers },
    body,
  });
const own = { origin: 'http://127.0.0.1:4170' };

describe('writes come from our own pages', () => {
  test.each([
    [own, true],
    [{ origin: 'https://evil.example' }, false],
    [{ origin: 'http://127.0.0.1:4171' }, false],
    [{ origin: 'null' }, false],
    [{}, false],
  ])('%j: %s', (headers, same) => {
    expect(isSameOrigin(request(headers))).toBe(same);
  });
});

test('the address that the nearest proxy names counts, not what the sender wrote before it', () => {
  expect(addressOf(request({ 'x-forwarded-for': '192.0.2.1, 198.51.100.7' }))).toBe('198.51.100.7');
  expect(addressOf(request({}))).toBe('unknown');
});

describe('answers', () => {
  const ask = async (headers: Record<string, string>, work: Parameters<typeof answer>[1]) => {
    const response = await answer(request(headers), work);
    return [response.status, (await response.json()) as unknown] as const;
  };

  test('carry the value or the refusal with its status', async () => {
    expect(await ask(own, () => Promise.resolve(done({ a: 1 })))).toEqual([
      200,
      { ok: true, value: { a: 1 } },
    ]);
    expect((await ask(own, () => Promise.resolve(NOT_THERE)))[0]).toBe(404);
    expect((await ask(own, () => Promise.resolve(refused('post.changedMeanwhile'))))[0]).toBe(409);
    expect((await ask(own, () => Promise.resolve(refused('review.noReason', 'reason'))))[0]).toBe(422);
    expect((await ask({}, () => Promise.reject(new Error('never asked'))))[0]).toBe(403);
  });

  test('tell how far a long work is to whoever asks for lines', async () => {
    const response = await answer(request({ ...own, accept: 'application/x-ndjson' }), (progress) => {
      progress(500, 1000);
      return Promise.resolve(done(null));
    });
    expect(await response.text()).toBe('{"progress":{"done":500,"of":1000}}\n{"ok":true,"value":null}\n');
  });

  test('say of what was not expected no more than an id', async () => {
    const [status, body] = await ask(own, () => Promise.reject(new Error('a child’s words')));
    expect(status).toBe(500);
    expect(body).toMatchObject({
      code: 'unexpected',
      values: { id: expect.stringMatching(/^[0-9a-f]{8}$/) as string },
    });
    expect(JSON.stringify(body)).not.toContain('words');
  });
});

test('a body that is no JSON, or far too long, is nothing', async () => {
  expect(await jsonOf(request({}, '{"a":1}'))).toEqual({ a: 1 });
  expect(await jsonOf(request({}, '{'))).toBeNull();
  expect(await jsonOf(request({}, `"${'x'.repeat(4 * 1024 * 1024)}"`))).toBeNull();
});

describe('a file that comes through a door', () => {
  const door = { most: 10, refusals: 'handout' } as const;
  const sent = (body: string, headers: Record<string, string> = {}) => fileOf(request(headers, body), door);

  test('is taken whole', async () => {
    expect(await sent('ten bytes!')).toEqual({ ok: true, value: Buffer.from('ten bytes!') });
  });

  test('is refused in the door’s own words where it is larger than the door, announced or not', async () => {
    const refusal = {
      ok: false,
      code: 'handout.tooLarge',
      field: 'file',
      values: { most: 10 / 1024 / 1024 },
    };
    expect(await sent('eleven byte')).toEqual(refusal);
    expect(await sent('', { 'content-length': '11' })).toEqual(refusal);
  });

  test('is refused where it broke off on the way', async () => {
    expect(await sent('half', { 'content-length': '9' })).toMatchObject({ code: 'input.cutOff' });
  });
});
