import { readFileSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from 'vitest';
import { writeHtml } from '../document/html/writeHtml';
import { cleanPaste } from './cleanPaste';

const fixture = (name: string) => readFileSync(path.resolve('tests/fixtures/wordProcessor', name), 'utf8');
const pasted = (html: string) => {
  const { document, notes, pictures } = cleanPaste(html);
  return { html: writeHtml(document), notes, pictures };
};

test('the clipboard of a word processor keeps its structure and drops its looks', () => {
  const { html, notes, pictures } = pasted(fixture('quay.clipboard.html'));
  expect(html).toBe(
    '<h2>Skies over the quay</h2>' +
      '<p>On Monday the sky was <strong>combed</strong>, and the <em>wind</em> <u>hummed</u>.</p>' +
      '<p>See the <a href="https://harbour.example/tides">table of tides</a>.</p>' +
      '<ul><li><p>one cup</p><ul><li><p>half a cup</p></li><li><p>a spoon</p></li></ul></li><li><p>two cups</p></li></ul>' +
      '<ol start="3"><li><p>third step</p></li><li><p>fourth step</p></li></ol>' +
      '<table><tbody><tr><th><p>Day</p></th><th><p>Rain</p></th></tr><tr><td><p>Mon</p></td><td><p>2 mm</p></td></tr></tbody></table>' +
      '<p style="text-align:center">The middle</p>' +
      '<figure><img src="pasted-1" alt="A grey sky"><figcaption><cite></cite></figcaption></figure>' +
      '<h2>What it meant</h2><p>Rain, <s>perhaps</s> surely.</p>',
  );
  expect(notes).toEqual(['fonts', 'sizes', 'colours', 'indents']);
  expect(pictures).toEqual([
    { name: 'pasted-1', from: expect.stringMatching(/^data:image\/png;base64,/) as string },
  ]);
});

test('lists whose markers are text, smart tags, comments and tracked changes', () => {
  const { html, notes } = pasted(fixture('nestedLists.html'));
  expect(html).toBe(
    '<h2>Rain at the quay</h2>' +
      '<p>We went to Alder Quay on <strong>Monday</strong>.</p>' +
      '<ul><li><p>a bucket</p><ul><li><p>made of tin</p></li><li><p>with a handle</p></li></ul></li><li><p>a ruler</p></li></ul>' +
      '<p>Then:</p>' +
      '<ol start="2"><li><p>pour</p></li><li><p>read</p></li></ol>' +
      '<blockquote><p>Never trust a dry bucket.</p></blockquote>' +
      '<p>It was wet, see above.</p>',
  );
  expect(notes).toEqual(['fonts', 'sizes', 'indents', 'emptyLines', 'comments', 'tracked', 'lostPictures']);
});

test('a bold wrapper that is not bold, styles for marks, a picture from the web', () => {
  const { html, notes, pictures } = pasted(fixture('wrapped.html'));
  expect(html).toBe(
    '<h2>Clouds</h2>' +
      '<p><strong>Bold</strong><em> and slanted</em><u> and lined</u><s> and struck</s>.</p>' +
      '<ul><li><p>outer</p><ul><li><p>inner</p></li></ul></li></ul>' +
      '<p><a href="https://harbour.example/tides"><u>tides</u></a></p>' +
      '<figure><img src="pasted-1" alt="A storm"><figcaption><cite></cite></figcaption></figure>',
  );
  expect(notes).toEqual(['fonts', 'sizes', 'colours']);
  expect(pictures).toEqual([{ name: 'pasted-1', from: 'https://films.example/still/1.png' }]);
});

test.each([
  ['plain words', 'just words', '<p>just words</p>', []],
  ['nothing', '', '<p></p>', []],
  ['only empty lines', '<p>&nbsp;</p><p></p>', '<p></p>', []],
  ['an indent made of blanks', '<p>&nbsp;&nbsp;&nbsp;Begin</p>', '<p>Begin</p>', ['indents']],
  ['a script', '<p>a<script>alert(1)</script>b</p>', '<p>ab</p>', []],
  ['an address that runs', '<a href="javascript:alert(1)">x</a>', '<p>x</p>', []],
  ['a style that says nothing', '<p style="margin-left:0cm;color:#000000">x</p>', '<p>x</p>', []],
  [
    'a list that begins deep',
    '<p style="mso-list:l0 level2 lfo1"><span style="mso-list:Ignore">o</span>deep</p><p style="mso-list:l0 level1 lfo1"><span style="mso-list:Ignore">·</span>flat</p>',
    '<ul><li><ul><li><p>deep</p></li></ul></li><li><p>flat</p></li></ul>',
    [],
  ],
])('%s', (_, html, expected, notes) => {
  expect(pasted(html)).toMatchObject({ html: expected, notes });
});
