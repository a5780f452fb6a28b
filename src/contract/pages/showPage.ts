import { PAGE_AUDIENCES } from '../../core/access/audience';
import { deed } from '../deed';

/**
 * Puts a page as it is written before readers. Beyond the class only a teacher does that: a student editor asks for it so,
 * and readers go on seeing what they see.
 */
export const showPage = deed({
  name: 'showPage',
  on: 'page',
  action: 'page.tend',
  fields: {
    /** The version that was looked at: nobody puts before readers what they have not read. */
    version: { type: 'integer', minimum: 1 },
    audience: { enum: PAGE_AUDIENCES },
  },
}).answers<{ readonly asked: boolean }>();
