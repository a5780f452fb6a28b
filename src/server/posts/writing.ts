import { maybeOpenDocument, openDocument } from '../../core/document/openDocument';
import { pictures } from '../../core/document/pictures';
import type { DocumentJson } from '../../core/document/openDocument';
import type { Writing } from './queries';

/** JSON Schema of what an editor sends: title, labels and the document. */
export const writingSchema = {
  type: 'object',
  required: ['title', 'labels', 'body'],
  additionalProperties: false,
  properties: {
    title: { type: 'string', maxLength: 300 },
    labels: { type: 'array', maxItems: 30, items: { type: 'string', minLength: 1, maxLength: 60 } },
    body: { type: 'object' },
  },
} as const;

export interface SentWriting {
  readonly title: string;
  readonly labels: readonly string[];
  readonly body: DocumentJson;
}

/** What is stored of what was sent, or null where the document is none of our schema. */
export function maybeWriting(sent: SentWriting): Writing | null {
  const opened = maybeOpenDocument(sent.body);
  if (!opened.ok) return null;
  return {
    title: sent.title,
    labels: [...new Set(sent.labels)],
    body: JSON.stringify(opened.document.toJSON()),
  };
}

/** The ids of the pictures that a stored writing shows. */
export function pictureIds(writing: Writing): readonly string[] {
  return [...new Set(pictures(openDocument(JSON.parse(writing.body))).map((picture) => picture.src))];
}
