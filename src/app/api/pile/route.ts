import { arrangePile } from '@/server/deeds/reviews/arrangePile';
import { doorRoute } from '@/server/http/doorRoute';

/** How the reading pile of whoever asks lies. */
export const PUT = doorRoute(arrangePile);
