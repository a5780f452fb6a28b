import { withWords } from '@/app/Words';

export default withWords(['pictures', 'refusals.links', 'refusals.picture']);
