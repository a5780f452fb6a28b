import { withWords } from '@/app/Words';

export default withWords(['refusals.class', 'refusals.roster', 'roles']);
