import { deed } from '../deed';
import { nameFields } from './fields';

/**
 * Copies a class into a new year: its settings, look, labels, the pages that teachers wrote, shown to nobody, and its assignments,
 * not set and without dates. No people but the teacher who copies, no posts, no term dates of a year that is over.
 */
export const copyClass = deed({
  name: 'copyClass',
  on: 'class',
  action: 'class.guard',
  whileResting: true,
  fields: {
    title: nameFields.title,
    groupName: nameFields.groupName,
  },
}).answers<{ readonly classId: string }>();
