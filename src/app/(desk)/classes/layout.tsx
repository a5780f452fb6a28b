import { withWords } from '@/app/Words';

export default withWords(['classes', 'refusals.class']);
