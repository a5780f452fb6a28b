import { deed } from '../deed';
import { personIds } from '../personIds';

/**
 * Takes students who left a class into it again, with all that they wrote there. Whose home is another class is asked for
 * there first.
 */
export const takeInAgain = deed({
  name: 'takeInAgain',
  on: 'class',
  action: 'roster.change',
  fields: {
    personIds,
  },
}).answers<{ readonly asked: number }>();
