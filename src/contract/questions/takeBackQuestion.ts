import { idSchema } from '../idSchema';
import { deed } from '../deed';

/** Takes an own question back that nobody has answered. */
export const takeBackQuestion = deed({
  name: 'takeBackQuestion',
  on: 'assignment',
  action: 'question.ask',
  // A line with a name and a time would tell whose it is where names are hidden; the question itself stands there.
  unlogged: true,
  fields: { questionId: idSchema },
}).answers<null>();
