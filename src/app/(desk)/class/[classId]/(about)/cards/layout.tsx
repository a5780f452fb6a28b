import { withWords } from '@/app/Words';

export default withWords(['cards', 'refusals.class', 'refusals.roster', 'signIn']);
