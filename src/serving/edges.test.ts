import { expect, test } from 'vitest';
import { maybeRefusal, transportHeaders } from './edges';

test.each([
  ['GET', '/today', null],
  ['HEAD', '/blog/wind?as=stranger', null],
  ['POST', '/api/do/savePost', null],
  ['DELETE', '/api/session', null],
  ['POST', '/blog/wind/a-post', null],
  ['PUT', '/blog/wind/a-post', 405],
  ['POST', '/today', 405],
  ['TRACE', '/api/do/savePost', 405],
  ['PROPFIND', '/', 405],
  ['GET', '/blog/wind/%E0%A4%A', 400],
  ['GET', '/blog/wind/%00', 400],
  ['GET', 'http://elsewhere.example/', 400],
  ['GET', '/_next/image?url=%2Fpictures%2Fx%2F480&w=640&q=75', 404],
])('%s %s', (method, url, status) => {
  expect(maybeRefusal(method, url)?.status ?? null).toBe(status);
});

test('an encrypted origin is remembered by browsers, another is not', () => {
  expect(Object.keys(transportHeaders('https://porch.example'))).toEqual(['strict-transport-security']);
  expect(transportHeaders('http://127.0.0.1:4170')).toEqual({});
});
