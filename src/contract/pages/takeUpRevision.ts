import type { DocumentJson } from '../../core/document/openDocument';
import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** What is written on from. */
export interface TakenUp {
  readonly version: number;
  readonly title: string;
  readonly body: DocumentJson;
}

/** Writes on from an earlier revision of a page. What is written now is kept, and readers go on seeing what they see. */
export const takeUpRevision = deed({
  name: 'takeUpRevision',
  on: 'page',
  action: 'page.tend',
  fields: {
    revisionId: idSchema,
    /** The version that was looked at. */
    version: { type: 'integer', minimum: 1 },
  },
}).answers<TakenUp>();
