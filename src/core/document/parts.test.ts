import { describe, expect, test } from 'vitest';
import { headings } from './headings';
import { readHtml } from './html/readHtml';
import { links, maybeWebAddress, siteOf } from './links';
import { pictures } from './pictures';
import { plainText } from './plainText';

describe('what is found in a document', () => {
  const document = readHtml(
    '<h2>Monday <em>grey</em></h2><p>a<br>b <a href="https://a.example/">the <b>chart</b></a></p><h3> </h3>' +
      '<ul><li><h4>In a list</h4></li></ul><figure><img src="x.png" alt=" sky "><figcaption>Cap <a href="https://b.example/">from</a> <cite>Me</cite></figcaption></figure>',
  );

  test('headings that say something, with their levels', () => {
    expect(headings(document).map(({ level, text }) => [level, text])).toEqual([
      [2, 'Monday grey'],
      [4, 'In a list'],
    ]);
  });

  test('links across marks are one, those in captions count', () => {
    expect(links(document).map(({ href, text }) => [href, text])).toEqual([
      ['https://a.example/', 'the chart'],
      ['https://b.example/', 'from'],
    ]);
  });

  test('pictures with trimmed texts', () => {
    expect(pictures(document)).toMatchObject([
      { src: 'x.png', description: 'sky', caption: 'Cap from', credit: 'Me' },
    ]);
  });

  test('plain text, a line for each block', () => {
    expect(plainText(readHtml('<p>a<br>b</p><ul><li>c</li></ul>'))).toBe('a\nb\nc');
  });
});

test.each([
  ['HTTP://A.example', 'http://a.example/'],
  ['https://a.example/x#y', 'https://a.example/x'],
  ['mailto:me@example.org', null],
  ['https://', null],
  ['#note', null],
])('the web address of %s is %s', (href, address) => {
  expect(maybeWebAddress(href)).toBe(address);
});

test('a site is a host without its www', () => {
  expect(siteOf('https://www.a.example/x')).toBe(siteOf('http://a.example/'));
});
