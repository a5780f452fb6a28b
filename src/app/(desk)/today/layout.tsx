import { withWords } from '@/app/Words';

export default withWords(['refusals.assignment', 'refusals.post', 'refusals.publish', 'today']);
