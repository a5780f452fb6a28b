import { describeVideo } from '@/server/deeds/links/describeVideo';
import { doorRoute } from '@/server/http/doorRoute';

/** What a video is called. */
export const POST = doorRoute(describeVideo);
