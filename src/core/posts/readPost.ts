import { comparableText } from '../alike/comparable';
import { parse } from 'yaml';
import type { Node } from 'prosemirror-model';
import { readHtml } from '../document/html/readHtml';
import { maybeOpenDocument } from '../document/openDocument';
import { readMarkdown } from '../document/readMarkdown';
import type { PostToCheck } from '../requirements/post';

/** JSON Schema of a post as a file: a body in one of three ways, and what was found out elsewhere. */
export const postFileSchema = {
  type: 'object',
  properties: {
    title: { type: 'string' },
    labels: { type: 'array', items: { type: 'string' } },
    teaser: { type: 'string' },
    html: { type: 'string' },
    markdown: { type: 'string' },
    body: { type: 'object' },
    openResults: {
      type: 'object',
      additionalProperties: { enum: ['opens', 'private', 'missing', 'unreachable'] },
    },
    pictureHashes: { type: 'object', additionalProperties: { type: 'string', pattern: '^[0-9a-fA-F]{16}$' } },
    cover: {
      type: ['object', 'null'],
      properties: { src: { type: 'string' }, description: { type: 'string' } },
    },
    others: {
      type: 'array',
      items: {
        type: 'object',
        required: ['html'],
        properties: { id: { type: 'string' }, html: { type: 'string' } },
      },
    },
    commentsGiven: {
      type: 'array',
      items: {
        type: 'object',
        required: ['post', 'words'],
        properties: { post: { type: 'string' }, words: { type: 'number', minimum: 0 } },
      },
    },
    judged: { type: 'object', additionalProperties: { enum: ['yes', 'partly', 'no'] } },
    selfChecked: { type: 'array', items: { type: 'string' } },
    classWords: { type: 'array', items: { type: 'string' } },
  },
} as const;

export interface PostFile extends Partial<Omit<PostToCheck, 'body' | 'others' | 'cover' | 'speller'>> {
  readonly cover?: { readonly src?: string; readonly description?: string } | null;
  readonly others?: readonly { readonly id?: string; readonly html: string }[];
  readonly html?: string;
  readonly markdown?: string;
  readonly body?: unknown;
}

/** A post in JSON form, checked against `postFileSchema`. @throws RangeError where its document does not check. */
export function readPostFile(file: PostFile): PostToCheck {
  const { title = '', labels = [], cover, others, teaser } = file;
  const { openResults, pictureHashes, commentsGiven, judged, selfChecked, classWords } = file;
  return {
    ...defined({ teaser, openResults, pictureHashes, commentsGiven, judged, selfChecked, classWords }),
    title,
    labels,
    body: bodyOf(file),
    ...(cover ? { cover: { src: cover.src ?? '', description: cover.description ?? '' } } : {}),
    ...(others
      ? {
          others: others.map(({ id, html }, index) => ({
            id: id ?? String(index),
            words: comparableText(readHtml(html)),
          })),
        }
      : {}),
  };
}

/** Only what is there: an absent field says that nobody has looked. */
function defined<Fields extends object>(
  fields: Fields,
): { [Name in keyof Fields]?: NonNullable<Fields[Name]> } {
  const there = Object.entries(fields).filter(([, value]) => value !== undefined && value !== null);
  return Object.fromEntries(there) as { [Name in keyof Fields]?: NonNullable<Fields[Name]> };
}

/** A Markdown file with title and labels in its front matter. @throws RangeError where the front matter is not YAML. */
export function readMarkdownPost(text: string): PostToCheck {
  const frontMatter = /^\uFEFF?---\r?\n([\s\S]*?)\r?\n---[ \t]*(?:\r?\n|$)/.exec(text);
  const fields = frontMatter ? frontMatterFields(frontMatter[1] ?? '') : {};
  const { title, labels } = fields;
  return {
    title: typeof title === 'string' || typeof title === 'number' ? String(title) : '',
    labels: listOf(labels),
    body: readMarkdown(frontMatter ? text.slice(frontMatter[0].length) : text),
  };
}

/** Labels as a list, or as one text with commas between. */
function listOf(labels: unknown): readonly string[] {
  const parts: readonly unknown[] = Array.isArray(labels)
    ? labels
    : typeof labels === 'string'
      ? labels.split(',')
      : [];
  return parts
    .filter((part) => typeof part === 'string' || typeof part === 'number')
    .map((part) => String(part).trim());
}

function frontMatterFields(yaml: string): Record<string, unknown> {
  try {
    const fields: unknown = parse(yaml);
    return typeof fields === 'object' && fields !== null ? (fields as Record<string, unknown>) : {};
  } catch (cause) {
    throw new RangeError('front matter: it is not YAML', { cause });
  }
}

function bodyOf(file: PostFile): Node {
  if (file.body !== undefined) {
    const opened = maybeOpenDocument(file.body);
    if (!opened.ok) throw new RangeError('body: it is not a document of our schema');
    return opened.document;
  }
  return file.markdown === undefined ? readHtml(file.html ?? '') : readMarkdown(file.markdown);
}
