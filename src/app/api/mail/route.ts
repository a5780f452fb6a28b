import { chooseMail } from '@/server/deeds/mail/chooseMail';
import { doorRoute } from '@/server/http/doorRoute';

/** How soon whoever asks is written to. */
export const PUT = doorRoute(chooseMail);
