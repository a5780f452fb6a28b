import { decideComment } from './comments/decideComment';
import { takeBackComment } from './comments/takeBackComment';
import { writeComment } from './comments/writeComment';
import { narrowPost } from './publications/narrowPost';
import { putWordsBack } from './worries/putWordsBack';

/** The deeds that readers' pages ask for by a plain form, which needs no script. */
export const PLAIN_DEEDS = { writeComment, takeBackComment, decideComment, narrowPost, putWordsBack };
