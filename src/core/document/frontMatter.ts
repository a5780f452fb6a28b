/** What a Markdown file says of itself before its text. */
export interface FrontMatter {
  /** Empty where it says none. */
  readonly title: string;
  readonly labels: readonly string[];
  /** What follows. */
  readonly text: string;
}

const [MOST_LABELS, LONGEST_LABEL, LONGEST_TITLE] = [40, 60, 300];
const FENCED = /^\uFEFF?---[ \t]*\r?\n([\s\S]*?)\r?\n(?:---|\.\.\.)[ \t]*(?:\r?\n|$)/;

/**
 * Takes the lines between `---` at the very beginning of a file, in which Markdown tools keep its title and labels, apart from its
 * text. Of YAML that is: plain and quoted texts, and lists in brackets or with dashes; what else stands there goes.
 */
export function frontMatter(markdown: string): FrontMatter {
  const fenced = FENCED.exec(markdown);
  // A rule at the beginning of a text is none of it.
  if (!fenced || !/^[\w-]+[ \t]*:/m.test(fenced[1] ?? '')) return { title: '', labels: [], text: markdown };
  const lines = (fenced[1] ?? '').split(/\r?\n/);
  const title = valueOf(lines, ['title']).join(', ').slice(0, LONGEST_TITLE);
  const labels = valueOf(lines, ['labels', 'tags', 'keywords', 'categories'])
    .map((label) => label.slice(0, LONGEST_LABEL))
    .slice(0, MOST_LABELS);
  return { title, labels: [...new Set(labels)], text: markdown.slice(fenced[0].length) };
}

/** The texts that stand under the first of some keys that is there. */
function valueOf(lines: readonly string[], keys: readonly string[]): readonly string[] {
  for (const key of keys) {
    const at = lines.findIndex((line) => new RegExp(`^${key}[ \\t]*:`, 'i').test(line));
    if (at < 0) continue;
    const said = (lines[at] ?? '').replace(/^[^:]*:/, '').trim();
    if (key === 'title') return said === '' ? [] : [plain(said)];
    if (said !== '')
      return said
        .replace(/^\[|\]$/g, '')
        .split(',')
        .map(plain)
        .filter(Boolean);
    const rest = lines.slice(at + 1);
    const end = rest.findIndex((line) => !/^\s*-\s/.test(line));
    return rest.slice(0, end < 0 ? undefined : end).map((line) => plain(line.replace(/^\s*-/, '')));
  }
  return [];
}

function plain(text: string): string {
  const trimmed = text.trim();
  return /^(["']).*\1$/.test(trimmed) ? trimmed.slice(1, -1).trim() : trimmed;
}
