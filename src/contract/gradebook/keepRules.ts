import { rulesFields } from '../../core/gradebook/rules';
import { deed } from '../deed';
import { rulesInput } from './rulesInput';

/**
 * Says by which rules a class makes its figures, and in which category each column counts. An id of a category that the class does not
 * know yet stands for a new one.
 */
export const keepRules = deed({
  name: 'keepRules',
  on: 'class',
  action: 'gradebook.change',
  fields: {
    ...rulesFields,
    ...rulesInput,
    /** The version that they were made from. */
    version: { type: 'integer', minimum: 0 },
  },
}).answers<{ readonly version: number }>();
