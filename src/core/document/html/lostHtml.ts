import { parseFragment, type DefaultTreeAdapterTypes } from 'parse5';
import { readHtml } from './readHtml';
import { writeHtml } from './writeHtml';

/** Something in HTML that a post does not keep, such as `<script>` or `onclick`, and how often it stood there. */
export interface Lost {
  readonly what: string;
  readonly count: number;
}

type Tree = DefaultTreeAdapterTypes.ChildNode;

/** Elements that mean the same to us under another name, or nothing of their own. */
const SAME: Readonly<Record<string, string>> = {
  b: 'strong',
  i: 'em',
  ins: 'u',
  del: 's',
  strike: 's',
  h1: 'h2',
  h5: 'h4',
  h6: 'h4',
  thead: 'tbody',
  tfoot: 'tbody',
};
/** What the page adds by itself, or says in another way. */
const OURS = new Set(['data-space', 'tbody', 'p', 'figure', 'figcaption', 'cite']);

/** What of some HTML a post would not keep: elements and attributes that are there less often afterwards. */
export function lostHtml(html: string): readonly Lost[] {
  const given = counted(html);
  const kept = counted(writeHtml(readHtml(html)));
  const lost: Lost[] = [];
  for (const [what, count] of given) {
    const missing = count - (kept.get(what) ?? 0);
    if (missing > 0 && !OURS.has(what.replace(/[<>]/g, ''))) lost.push({ what, count: missing });
  }
  return lost.sort((one, other) => one.what.localeCompare(other.what));
}

function counted(html: string): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  const add = (what: string) => counts.set(what, (counts.get(what) ?? 0) + 1);
  const pending: Tree[] = [...parseFragment(html).childNodes];
  for (let tree = pending.pop(); tree; tree = pending.pop()) {
    if (!('tagName' in tree)) continue;
    add(`<${SAME[tree.tagName] ?? tree.tagName}>`);
    for (const { name } of tree.attrs) add(name);
    if ('content' in tree) pending.push(...(tree as { content: { childNodes: Tree[] } }).content.childNodes);
    pending.push(...tree.childNodes);
  }
  return counts;
}
