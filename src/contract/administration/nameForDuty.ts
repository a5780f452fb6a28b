import { SCHOOL_DUTIES } from '../../core/safety/caseReaders';
import { deed } from '../deed';
import { maybeIdSchema } from '../idSchema';

/** Names who looks after worries, their deputy, or the head of school; or nobody. */
export const nameForDuty = deed({
  name: 'nameForDuty',
  on: 'install',
  action: 'install.manage',
  fields: { duty: { enum: SCHOOL_DUTIES }, personId: maybeIdSchema },
}).answers<null>();
