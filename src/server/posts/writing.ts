import { maybeOpenDocument, openDocument } from '../../core/document/openDocument';
import { nodesOfType } from '../../core/document/nodesOfType';
import { pictures } from '../../core/document/pictures';
import { besideSchema, NOTHING_BESIDE, type Beside } from '../../core/posts/beside';
import type { DocumentJson } from '../../core/document/openDocument';
import type { Writing } from './queries';

/** JSON Schema of what an editor sends: title, labels, what stands beside it, and the document. */
export const writingSchema = {
  type: 'object',
  required: ['title', 'labels', 'body'],
  additionalProperties: false,
  properties: {
    title: { type: 'string', maxLength: 300 },
    labels: { type: 'array', maxItems: 30, items: { type: 'string', minLength: 1, maxLength: 60 } },
    beside: besideSchema,
    body: { type: 'object' },
  },
} as const;

export interface SentWriting {
  readonly title: string;
  readonly labels: readonly string[];
  /** Absent in what an older page of ours sends. */
  readonly beside?: Beside;
  readonly body: DocumentJson;
}

/** What is stored of what was sent, or null where the document is none of our schema. */
export function maybeWriting(sent: SentWriting): Writing | null {
  const opened = maybeOpenDocument(sent.body);
  if (!opened.ok) return null;
  return {
    title: sent.title,
    labels: [...new Set(sent.labels)],
    beside: sent.beside ?? NOTHING_BESIDE,
    body: JSON.stringify(opened.document.toJSON()),
  };
}

/** The ids of the pictures that a stored writing shows, its cover and the stills of its videos among them. */
export function pictureIds({ body, beside }: Writing): readonly string[] {
  const document = openDocument(JSON.parse(body));
  const shown = pictures(document).map((picture) => picture.src);
  const stills = nodesOfType(document, 'video').map(({ node }) => String(node.attrs['still']));
  const cover = beside.cover ? [beside.cover.src] : [];
  return [...new Set([...shown, ...stills, ...cover])].filter(Boolean);
}
