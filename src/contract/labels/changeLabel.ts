import { LABEL_DRAWINGS } from '../../core/labels/labelSet';
import { deed } from '../deed';
import { labelSchema } from './labelSchema';

const MOST_MEANING = 120;

/**
 * Renames a label of the class, says what it is given to and draws it, merges it into another, or takes it away. What was handed in keeps
 * its own words.
 */
export const changeLabel = deed({
  name: 'changeLabel',
  on: 'class',
  action: 'class.change',
  fields: {
    label: labelSchema,
    /** The new name; that of another label merges the two; null takes it away. */
    becomes: { anyOf: [labelSchema, { type: 'null' }] },
    /** What it is given to, in a few words; left out where that stays as it is. */
    meaning: { type: 'string', maxLength: MOST_MEANING },
    /** The drawing beside it, or none; left out where that stays as it is. */
    drawing: { anyOf: [{ enum: LABEL_DRAWINGS }, { type: 'null' }] },
  },
  optional: ['meaning', 'drawing'],
}).answers<object>();
