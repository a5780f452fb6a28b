import { deed } from '../deed';
import { idSchema } from '../idSchema';

/** Makes an earlier revision the draft again; what the draft was is kept as a revision. */
export const restoreRevision = deed({
  name: 'restoreRevision',
  on: 'post',
  action: 'post.write',
  fields: {
    /** The version of the draft that the writer has before the eyes. */
    version: { type: 'integer', minimum: 1 },
    revisionId: idSchema,
  },
}).answers<{ readonly version: number }>();
