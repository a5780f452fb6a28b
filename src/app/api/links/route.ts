import { lookAtLinks } from '@/server/deeds/links/lookAtLinks';
import { doorRoute } from '@/server/http/doorRoute';

/** Whether addresses open for a stranger. */
export const POST = doorRoute(lookAtLinks);
