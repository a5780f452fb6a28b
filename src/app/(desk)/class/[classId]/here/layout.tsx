import { withWords } from '@/app/Words';

export default withWords(['whereWeAre', 'refusals.class']);
