import { withWords } from '@/app/Words';

export default withWords(['talk', 'railing', 'sheet', 'refusals.gradebook']);
