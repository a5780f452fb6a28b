import { AUDIENCES } from '../../core/access/audience';
import { NAMING_RULES } from '../../core/people/names';
import { deed } from '../deed';
import type { DrawnBack } from '../publications/drawnBack';

/**
 * Says who may read what a class writes, and under which names. Posts that go beyond a lowered ceiling are drawn back at
 * once, and named.
 */
export const changePrivacy = deed({
  name: 'changePrivacy',
  on: 'class',
  action: 'class.guard',
  whileResting: true,
  fields: {
    ceiling: { enum: AUDIENCES },
    namingRule: { enum: NAMING_RULES },
    searchEngines: { type: 'boolean' },
    editorsRead: { type: 'boolean' },
    consentNeeded: { type: 'boolean' },
    /** Whether teachers may open where a text came from that is begun from now on; absent, it stays as it is. */
    originSaid: { type: 'boolean' },
  },
  optional: ['originSaid'],
}).answers<{ readonly drawnBack: readonly DrawnBack[] }>();
