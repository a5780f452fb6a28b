import fc from 'fast-check';
import { parseFragment, type DefaultTreeAdapterTypes } from 'parse5';
import { describe, expect, test } from 'vitest';
import { anyDocument } from '../../../../tests/support/documents';
import { maybeOpenDocument, openDocument } from '../openDocument';
import { plainText } from '../plainText';
import { readHtml } from './readHtml';
import { readersHtml } from './readersHtml';
import { writeHtml } from './writeHtml';

const shape = (html: string) => writeHtml(readHtml(html));

describe('readHtml', () => {
  test.each([
    ['a bare text becomes a paragraph', 'sky', '<p>sky</p>'],
    ['unknown elements are unwrapped', '<my-x>a <blink>b</blink></my-x>', '<p>a b</p>'],
    ['block-level ones separate', '<div>a</div><section>b</section>', '<p>a</p><p>b</p>'],
    [
      'scripts, styles and templates go with their content',
      'a<script>x()</script><style>b{}</style><template>t</template>',
      '<p>a</p>',
    ],
    ['h1 reads as 2, h6 as 4', '<h1>a</h1><h6>b</h6>', '<h2>a</h2><h4>b</h4>'],
    ['marks have many names', '<b>a</b><i>b</i><del>c</del>', '<p><strong>a</strong><em>b</em><s>c</s></p>'],
    ['white space folds', '<p>  a \n\t b  </p>', '<p>a b</p>'],
    ['unknown attributes go', '<p onclick="x()" class="y">a</p>', '<p>a</p>'],
    [
      'an address that executes is no link',
      '<a href="javascript:x()">a</a><a href=" JaVaScRiPt:x()">b</a>',
      '<p>ab</p>',
    ],
    [
      'a picture that executes is none',
      '<img src="javascript:x()"><img src="java\nscript:x()"><p>a</p>',
      '<p>a</p>',
    ],
    ['a data address is no source', '<img src="data:image/png;base64,AA"><p>a</p>', '<p>a</p>'],
    [
      'a bare image has neither caption nor credit',
      '<img src="a.png" alt="sky">',
      '<figure><img src="a.png" alt="sky"><figcaption><cite></cite></figcaption></figure>',
    ],
    [
      'a picture inside a paragraph leaves it one',
      '<p>a <img src="a.png" alt="x"> b</p>',
      '<p>a b</p><figure><img src="a.png" alt="x"><figcaption><cite></cite></figcaption></figure>',
    ],
    [
      'a cite anywhere in a quotation is its source, a nested one keeps its own',
      '<blockquote><p>a <cite>S</cite></p><blockquote>b<cite>T</cite></blockquote></blockquote>',
      '<blockquote><p>a</p><blockquote><p>b</p><cite>T</cite></blockquote><cite>S</cite></blockquote>',
    ],
    [
      'a list inside a list belongs to the item before it',
      '<ul><li>a</li><ul><li>b</li></ul></ul>',
      '<ul><li><p>a</p><ul><li><p>b</p></li></ul></li></ul>',
    ],
    [
      'a link around blocks is unwrapped to them',
      '<a href="https://a.example/"><h2>a</h2></a>',
      '<h2>a</h2>',
    ],
    [
      'a shared document is a block',
      '<p><a data-document href="https://a.example/">t</a></p>',
      '<a data-document href="https://a.example/">t</a>',
    ],
    [
      'centred text stays centred',
      '<p style="text-align:center">a</p>',
      '<p style="text-align:center">a</p>',
    ],
    ['nothing is an empty paragraph', '', '<p></p>'],
    [
      'property names of objects are no elements',
      '<constructor>a</constructor><toString>b</toString>',
      '<p>ab</p>',
    ],
  ])('%s', (_, html, expected) => {
    expect(shape(html)).toBe(expected);
  });

  test('takes nesting beyond all measure as text', () => {
    const deep = readHtml(`${'<blockquote><div>'.repeat(5000)}deep`);
    deep.check();
    expect(plainText(deep)).toContain('deep');
  });
});

describe('writeHtml', () => {
  test('any document survives HTML and back', () => {
    fc.assert(
      fc.property(anyDocument, (document) => {
        expect(readHtml(writeHtml(document)).toJSON()).toEqual(document.toJSON());
      }),
      { numRuns: 300 },
    );
  });

  test('any document survives JSON and back', () => {
    fc.assert(
      fc.property(anyDocument, (document) => {
        expect(openDocument(JSON.parse(JSON.stringify(document.toJSON()))).eq(document)).toBe(true);
      }),
    );
  });

  test('lets readers find lists, quotations and tables on the side from which they are read', () => {
    const html =
      '<ul><li>סערה</li></ul><blockquote><p>ريح</p></blockquote><table><tr><td>א</td></tr></table>';
    expect(readersHtml(readHtml(html)).match(/<(?:ul|blockquote|table) dir="auto">/g)).toHaveLength(3);
    expect(writeHtml(readHtml(html))).not.toContain('dir=');
  });

  test('shows readers pictures of ours alone, and links that tell the other side nothing', () => {
    const html = readersHtml(
      readHtml('<img src="https://a.example/spy.png" alt="x"><p><a href="https://b.example/">b</a></p>'),
    );
    expect(html).not.toContain('spy.png');
    expect(html).toContain('rel="noopener noreferrer nofollow ugc"');
  });
});

describe('HTML from outside', () => {
  const hostile = fc.constantFrom(
    '<script>',
    '</script>',
    '<img src=x onerror=alert(1)>',
    '<svg onload=alert(1)>',
    '<a href="javascript:alert(1)">x</a>',
    '<a href="data:text/html,<script>alert(1)</script>">x</a>',
    '<math><mtext><table><mglyph><style><img src=x onerror=1>',
    '<iframe srcdoc="<script>1</script>">',
    '<p style="background:url(javascript:1)">',
    '<form action="javascript:1"><button formaction="javascript:1">',
    '<a href="&#106;avascript:1">y</a>',
    '<img src="&#1;javascript:1">',
    '<noscript><p title="</noscript><img src=x onerror=1>">',
    '<figure data-video="javascript:1"></figure>',
    '<a data-document href="vbscript:1">z</a>',
    '<base href="https://evil.example/">',
    '<p data-size="large" data-colour="red;}</style><script>">',
    '<!--[if IE]><script>1</script><![endif]-->',
    '"><script>1</script>',
    '<x',
    '\0',
    '&lt;script&gt;',
  );

  test('however hostile, it yields no executable attribute, element or address', () => {
    fc.assert(
      fc.property(fc.array(fc.oneof(hostile, fc.string()), { maxLength: 12 }), (parts) => {
        const document = readHtml(parts.join(''));
        document.check();
        for (const html of [writeHtml(document), readersHtml(document)])
          assertHarmless(parseFragment(html).childNodes);
      }),
      { numRuns: 500 },
    );
  });
});

const HARMLESS = new Set(
  'p h2 h3 h4 ul ol li blockquote cite figure img figcaption div table caption tbody tr th td pre code hr a strong em u s span mark br'.split(
    ' ',
  ),
);
const ATTRIBUTES = /^(src|srcset|sizes|loading|alt|href|target|rel|start|dir|style|data-[a-z]+)$/;

function assertHarmless(nodes: readonly DefaultTreeAdapterTypes.ChildNode[]): void {
  for (const node of nodes) {
    if (!('tagName' in node)) continue;
    expect(HARMLESS).toContain(node.tagName);
    for (const { name, value } of node.attrs) {
      expect(name).toMatch(ATTRIBUTES);
      if (name === 'style') expect(value).toBe('text-align:center');
      if (name === 'href' || name === 'src')
        expect(value.replace(/[\u0000-\u0020]/g, '')).not.toMatch(/^(javascript|data|vbscript):/i);
    }
    assertHarmless(node.childNodes);
  }
}

describe('maybeOpenDocument', () => {
  test.each([
    [{ type: 'doc', content: [] }, 'form'],
    [{ type: 'paragraph' }, 'form'],
    [{ type: 'doc', content: [{ type: 'script' }] }, 'form'],
    [{ type: 'doc', content: [{ type: 'heading', attrs: { level: 1 } }] }, 'form'],
    [
      {
        type: 'doc',
        content: [
          {
            type: 'paragraph',
            content: [
              { type: 'text', text: 'x', marks: [{ type: 'link', attrs: { href: 'javascript:x' } }] },
            ],
          },
        ],
      },
      'form',
    ],
    [
      {
        type: 'doc',
        content: [
          {
            type: 'picture',
            attrs: { src: 'javascript:x' },
            content: [{ type: 'caption' }, { type: 'credit' }],
          },
        ],
      },
      'form',
    ],
    [{ type: 'doc', attrs: { version: 99 }, content: [{ type: 'paragraph' }] }, 'version'],
    [null, 'form'],
    ['text', 'form'],
  ])('refuses %j', (json, reason) => {
    expect(maybeOpenDocument(json)).toEqual({ ok: false, reason });
  });

  test('refuses nesting that would exhaust the stack', () => {
    let json: object = { type: 'paragraph' };
    for (let depth = 0; depth < 20_000; depth += 1) json = { type: 'blockquote', content: [json] };
    expect(maybeOpenDocument({ type: 'doc', content: [json] })).toEqual({ ok: false, reason: 'bounds' });
  });
});
