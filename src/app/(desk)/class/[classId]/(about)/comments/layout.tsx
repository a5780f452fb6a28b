import { withWords } from '@/app/Words';

export default withWords(['heldComments', 'railing', 'refusals.class', 'refusals.comment']);
