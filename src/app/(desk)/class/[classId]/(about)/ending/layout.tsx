import { withWords } from '@/app/Words';

export default withWords(['classSettings', 'refusals.class']);
