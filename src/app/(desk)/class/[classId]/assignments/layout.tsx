import { withWords } from '@/app/Words';

export default withWords(['refusals.assignment', 'refusals.class', 'refusals.page', 'refusals.post']);
