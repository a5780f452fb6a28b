import { deed } from '../deed';
import { idSchema } from '../idSchema';
import { cameSchema } from '../origin/came';
import { writingSchema, type SentWriting } from './writing';

export type Saved =
  | { readonly kind: 'saved'; readonly version: number; readonly savedAt: string }
  /** The post was changed elsewhere: what was sent is kept as a branch, and this is what stands now. */
  | {
      readonly kind: 'branched';
      readonly branchId: string;
      readonly version: number;
      readonly writing: Required<SentWriting>;
    };

/**
 * Saves a draft. A save that is based on an older version never overwrites: it becomes a branch, which the writer is
 * shown beside what stands now.
 */
export const savePost = deed({
  name: 'savePost',
  on: 'post',
  action: 'post.write',
  unlogged: true,
  fields: {
    /** The version that the writing was based on. */
    version: { type: 'integer', minimum: 1 },
    writing: writingSchema,
    /** The branch that an earlier save of the same page became, which this one goes on from. */
    branchId: idSchema,
    /** What came into the text at once since the save before, in the order in which it came. */
    came: cameSchema,
  },
  optional: ['branchId', 'came'],
}).answers<Saved>();
