import type { OpenResult } from '../../core/requirements/post';
import { idSchema } from '../idSchema';
import { door } from '../door';

export interface VideoFound {
  readonly result: OpenResult;
  readonly title: string;
  readonly provider: string;
  /** The id of its still picture, kept on our server; null where there is none. */
  readonly still: string | null;
}

/** Asks a video's host what it is called and for a still picture. */
export const describeVideo = door({
  path: '/api/videos',
  method: 'POST',
  by: 'signedIn',
  fields: { writingId: idSchema, address: { type: 'string', maxLength: 2000 } },
}).answers<VideoFound>();
