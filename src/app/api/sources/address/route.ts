import { addSourceAddress } from '@/server/deeds/sources/addSourceAddress';
import { doorRoute } from '@/server/http/doorRoute';

/** A page that own words are compared with. */
export const POST = doorRoute(addSourceAddress);
