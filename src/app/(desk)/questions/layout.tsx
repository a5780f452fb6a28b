import { withWords } from '@/app/Words';

export default withWords(['questions', 'refusals.question']);
