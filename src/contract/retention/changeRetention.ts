import type { Retained } from '../../core/privacy/retention';
import { deed } from '../deed';

/** Months; null keeps it. */
const MONTHS = { type: ['integer', 'null'] } as const;

/** Says after how many months what is not needed any more goes by itself. */
export const changeRetention = deed({
  name: 'changeRetention',
  on: 'install',
  action: 'install.manage',
  fields: {
    revisions: MONTHS,
    readings: MONTHS,
    logs: MONTHS,
    leftPosts: MONTHS,
    cases: MONTHS,
    ownLines: MONTHS,
    absences: MONTHS,
  } satisfies Record<Retained, object>,
}).answers<null>();
