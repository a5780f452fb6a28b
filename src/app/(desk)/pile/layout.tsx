import { withWords } from '@/app/Words';

export default withWords(['pile', 'refusals.post', 'refusals.publish', 'refusals.review', 'review.undo']);
