import { afterEach, expect, test, vi } from 'vitest';
import { call, callWithProgress, send } from './call';

afterEach(() => {
  vi.unstubAllGlobals();
});

function answering(answer: () => Promise<Response>): ReturnType<typeof vi.fn> {
  const fetch = vi.fn(answer);
  vi.stubGlobal('fetch', fetch);
  return fetch;
}

test('a use case is called by its name, and its outcome handed on whatever the status', async () => {
  const fetch = answering(() =>
    Promise.resolve(Response.json({ ok: false, code: 'post.empty' }, { status: 422 })),
  );
  expect(await call('handIn', { postId: 'p' })).toEqual({ ok: false, code: 'post.empty' });
  expect(fetch).toHaveBeenCalledWith('/api/do/handIn', {
    method: 'POST',
    body: '{"postId":"p"}',
    headers: { 'content-type': 'application/json' },
  });
});

test.each([
  ['the server cannot be reached', () => Promise.reject(new TypeError('Failed to fetch'))],
  ['the answer breaks off', () => Promise.resolve(new Response('{"ok":tr'))],
  ['something else answers', () => Promise.resolve(new Response('<html>hotel login</html>'))],
])('%s: that is an outcome too', async (_, answer) => {
  answering(answer);
  expect(await call('savePost', {})).toEqual({ ok: false, code: 'offline' });
});

test('long work reports how far it is, and its outcome last', async () => {
  answering(() =>
    Promise.resolve(
      new Response('{"progress":{"done":1,"of":2}}\n{"progress":{"done":2,"of":2}}\n{"ok":true,"value":7}\n'),
    ),
  );
  const told: number[] = [];
  const outcome = await callWithProgress('importPeople', {}, (done) => void told.push(done));
  expect([told, outcome]).toEqual([[1, 2], { ok: true, value: 7 }]);
});

test('long work that is cut off is an outcome too', async () => {
  answering(() => Promise.resolve(new Response('{"ok":tr')));
  expect(await callWithProgress('importPeople', {}, () => undefined)).toMatchObject({ code: 'offline' });
});

test('a mistake of ours is not taken for a broken line', async () => {
  answering(() => Promise.reject(new RangeError('ours')));
  await expect(send('/x', 'DELETE')).rejects.toThrow('ours');
});
