import type { DocumentJson } from '../../core/document/openDocument';
import { besideSchema, type Beside } from '../../core/posts/beside';
import { schemaOf } from '../input';

/** What an editor sends. */
export interface SentWriting {
  readonly title: string;
  readonly labels: readonly string[];
  /** Absent in what an older page of ours sends. */
  readonly beside?: Beside;
  readonly body: DocumentJson;
}

/** JSON Schema of what an editor sends: title, labels, what stands beside it, and the document. */
export const writingSchema = schemaOf<SentWriting>({
  type: 'object',
  required: ['title', 'labels', 'body'],
  additionalProperties: false,
  properties: {
    title: { type: 'string', maxLength: 300 },
    labels: { type: 'array', maxItems: 30, items: { type: 'string', minLength: 1, maxLength: 60 } },
    beside: besideSchema,
    body: { type: 'object' },
  },
});
