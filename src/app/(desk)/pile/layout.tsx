import { withWords } from '@/app/Words';

export default withWords(['pile', 'refusals.post', 'refusals.review', 'review.undo']);
