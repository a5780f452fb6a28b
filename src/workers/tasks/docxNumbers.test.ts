import { strToU8, zipSync } from 'fflate';
import { expect, test } from 'vitest';
import { maybeReadDocx } from './readDocx';

const NAMES = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"';
const level = (at: number, start: number, format = 'decimal') =>
  `<w:lvl w:ilvl="${at}"><w:start w:val="${start}"/><w:numFmt w:val="${format}"/></w:lvl>`;
const NUMBERING = `<w:numbering ${NAMES}>
  <w:abstractNum w:abstractNumId="7">${level(0, 3)}${level(1, 1)}</w:abstractNum>
  <w:abstractNum w:abstractNumId="8">${level(0, 1, 'bullet')}</w:abstractNum>
  <w:abstractNum w:abstractNumId="9"><w:lvl w:ilvl="0"><w:start w:val="5"/><w:numFmt w:val="decimal"/>
    <w:pStyle w:val="Step"/></w:lvl></w:abstractNum>
  <w:num w:numId="5"><w:abstractNumId w:val="9"/></w:num>
  <w:num w:numId="1"><w:abstractNumId w:val="7"/></w:num>
  <w:num w:numId="2"><w:abstractNumId w:val="7"/>
    <w:lvlOverride w:ilvl="0"><w:startOverride w:val="12"/></w:lvlOverride></w:num>
  <w:num w:numId="4"><w:abstractNumId w:val="7"/></w:num>
  <w:num w:numId="3"><w:abstractNumId w:val="8"/></w:num>
</w:numbering>`;
const STYLES = `<w:styles ${NAMES}><w:style w:type="paragraph" w:styleId="Step">
  <w:pPr><w:numPr><w:numId w:val="5"/></w:numPr></w:pPr></w:style></w:styles>`;

const words = (text: string) => `<w:r><w:t>${text}</w:t></w:r>`;
const plain = (text: string) => `<w:p>${words(text)}</w:p>`;
const item = (text: string, list: number, at = 0) =>
  `<w:p><w:pPr><w:numPr><w:ilvl w:val="${at}"/><w:numId w:val="${list}"/></w:numPr></w:pPr>${words(text)}</w:p>`;

function read(body: string, numbering = NUMBERING): Promise<string | null> {
  const files = {
    '[Content_Types].xml':
      '<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"></Types>',
    '_rels/.rels':
      '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="a" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument" Target="/word/document.xml"/></Relationships>',
    'word/_rels/document.xml.rels':
      '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="n" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/numbering" Target="numbering.xml"/><Relationship Id="s" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/styles" Target="styles.xml"/></Relationships>',
    'word/document.xml': `<w:document ${NAMES}><w:body>${body}</w:body></w:document>`,
    'word/numbering.xml': numbering,
    'word/styles.xml': STYLES,
  };
  return maybeReadDocx(
    zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)]))),
  );
}

test.each([
  ['begins where it says', item('a', 1) + item('b', 1), '<ol start="3"><li>a</li><li>b</li></ol>'],
  [
    'goes on after a paragraph',
    item('a', 1) + plain('between') + item('b', 1),
    '<ol start="3"><li>a</li></ol><p>between</p><ol start="4"><li>b</li></ol>',
  ],
  [
    'goes on in another list of its kind, and begins anew where that says so, once',
    item('a', 1) + plain('x') + item('b', 4) + plain('y') + item('c', 2) + plain('z') + item('d', 2),
    '<ol start="3"><li>a</li></ol><p>x</p><ol start="4"><li>b</li></ol><p>y</p><ol start="12"><li>c</li></ol><p>z</p><ol start="13"><li>d</li></ol>',
  ],
  [
    'begins again a level deeper',
    item('a', 1) + item('deep', 1, 1) + item('b', 1) + item('deep', 1, 1),
    '<ol start="3"><li>a<ol start="1"><li>deep</li></ol></li><li>b<ol start="1"><li>deep</li></ol></li></ol>',
  ],
  [
    'has its number from a style',
    '<w:p><w:pPr><w:pStyle w:val="Step"/></w:pPr><w:r><w:rPr><w:b/></w:rPr><w:t>a</w:t></w:r></w:p>',
    '<ol start="5"><li><strong>a</strong></li></ol>',
  ],
  ['of bullets has no number', item('a', 3), '<ul><li>a</li></ul>'],
  ['with a level that is none', item('a', 1, 44), '<p>a</p>'],
])('a list %s', async (_, body, html) => {
  expect(await read(body)).toBe(html);
});

test('what is underlined stays so', async () => {
  expect(await read('<w:p><w:r><w:rPr><w:u w:val="single"/></w:rPr><w:t>hummed</w:t></w:r></w:p>')).toBe(
    '<p><u>hummed</u></p>',
  );
});
