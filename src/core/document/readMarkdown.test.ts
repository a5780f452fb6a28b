import { describe, expect, test } from 'vitest';
import { writeHtml } from './html/writeHtml';
import { readMarkdown } from './readMarkdown';

const shape = (markdown: string) => writeHtml(readMarkdown(markdown));

describe('readMarkdown', () => {
  test.each([
    ['headings begin at 2', '# a\n\n### b\n\n##### c', '<h2>a</h2><h3>b</h3><h4>c</h4>'],
    ['emphasis', '*a* **b** ~~c~~ `d`', '<p><em>a</em> <strong>b</strong> <s>c</s> <code>d</code></p>'],
    [
      'lists',
      '- a\n- b\n\n3. c',
      '<ul><li><p>a</p></li><li><p>b</p></li></ul><ol start="3"><li><p>c</p></li></ol>',
    ],
    ['nested lists', '- a\n  - b', '<ul><li><p>a</p><ul><li><p>b</p></li></ul></li></ul>'],
    ['quotations', '> a\n> b', '<blockquote><p>a b</p></blockquote>'],
    ['links', '[a](https://a.example/ "t")', '<p><a href="https://a.example/">a</a></p>'],
    [
      'bare addresses',
      'see https://a.example/',
      '<p>see <a href="https://a.example/">https://a.example/</a></p>',
    ],
    [
      'pictures',
      '![sky](a.png)',
      '<figure><img src="a.png" alt="sky"><figcaption><cite></cite></figcaption></figure>',
    ],
    [
      'tables',
      '| a | b |\n|---|---|\n| c | d |',
      '<table><tbody><tr><th><p>a</p></th><th><p>b</p></th></tr><tr><td><p>c</p></td><td><p>d</p></td></tr></tbody></table>',
    ],
    ['code', '```\na < b\n```', '<pre><code>a &lt; b\n</code></pre>'],
    ['rules and breaks', 'a  \nb\n\n---', '<p>a<br>b</p><hr>'],
    [
      'HTML inside goes through the same door',
      '<b>a</b><script>x</script>\n\n<figure data-video="https://v.example/1"></figure>',
      '<p><strong>a</strong></p><figure data-video="https://v.example/1"></figure>',
    ],
    ['an address that executes is no link', '[a](javascript:x)', '<p>a</p>'],
    ['nothing', '', '<p></p>'],
  ])('%s', (_, markdown, html) => {
    expect(shape(markdown)).toBe(html);
  });
});
