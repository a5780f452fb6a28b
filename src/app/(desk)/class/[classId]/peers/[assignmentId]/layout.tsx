import { withWords } from '@/app/Words';

export default withWords(['peer.apart', 'peer.groups', 'peer.rule', 'refusals.assignment', 'refusals.peer']);
