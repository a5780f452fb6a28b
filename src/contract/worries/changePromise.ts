import { LONGEST_HELP } from '../../core/safety/case';
import { PROMISE_MINUTES } from '../../core/safety/promisedBy';
import { deed } from '../deed';

/** Says what children are told who tell a worry: by what time of a school day it is answered, and where else there is help. */
export const changePromise = deed({
  name: 'changePromise',
  on: 'school',
  action: 'promise.change',
  fields: {
    /** Minutes after midnight. */
    minutes: { type: 'integer', minimum: PROMISE_MINUTES.from, maximum: PROMISE_MINUTES.to },
    help: { type: 'string', maxLength: LONGEST_HELP },
  },
}).answers<null>();
