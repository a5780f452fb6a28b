import { withWords } from '@/app/Words';

export default withWords(['blog', 'classSettings', 'look', 'refusals.class']);
