import { afterEach, expect, test, vi } from 'vitest';
import { importPeople } from '../../contract/people/importPeople';
import { handIn } from '../../contract/posts/handIn';
import { takeBack } from '../../contract/posts/takeBack';
import { call, callWithProgress, send } from './call';

const LIST = { classId: 'c', source: { kind: 'lines', text: 'Wren' }, same: [], another: [] } as const;

afterEach(() => {
  vi.unstubAllGlobals();
});

function answering(answer: () => Promise<Response>): ReturnType<typeof vi.fn> {
  const fetch = vi.fn(answer);
  vi.stubGlobal('fetch', fetch);
  return fetch;
}

test('a deed is asked for by its name, and its outcome handed on whatever the status', async () => {
  const fetch = answering(() =>
    Promise.resolve(Response.json({ ok: false, code: 'post.empty' }, { status: 422 })),
  );
  expect(await call(handIn, { postId: 'p', version: 2 })).toEqual({ ok: false, code: 'post.empty' });
  expect(fetch).toHaveBeenCalledWith('/api/do/handIn', {
    method: 'POST',
    body: '{"postId":"p","version":2}',
    headers: { 'content-type': 'application/json' },
  });
});

test.each([
  ['the server cannot be reached', () => Promise.reject(new TypeError('Failed to fetch'))],
  ['the answer breaks off', () => Promise.resolve(new Response('{"ok":tr'))],
  ['something else answers', () => Promise.resolve(new Response('<html>hotel login</html>'))],
])('%s: that is an outcome too', async (_, answer) => {
  answering(answer);
  expect(await call(takeBack, { postId: 'p' })).toEqual({ ok: false, code: 'offline' });
});

test('long work reports how far it is, and its outcome last', async () => {
  answering(() =>
    Promise.resolve(
      new Response('{"progress":{"done":1,"of":2}}\n{"progress":{"done":2,"of":2}}\n{"ok":true,"value":7}\n'),
    ),
  );
  const told: number[] = [];
  const outcome = await callWithProgress(importPeople, LIST, (done) => void told.push(done));
  expect([told, outcome]).toEqual([[1, 2], { ok: true, value: 7 }]);
});

test('long work that is cut off is an outcome too', async () => {
  answering(() => Promise.resolve(new Response('{"ok":tr')));
  expect(await callWithProgress(importPeople, LIST, () => undefined)).toMatchObject({ code: 'offline' });
});

test('a mistake of ours is not taken for a broken line', async () => {
  answering(() => Promise.reject(new RangeError('ours')));
  await expect(send('/x', 'DELETE')).rejects.toThrow('ours');
});
