import { addPictureFrom } from '@/server/deeds/pictures/addPicture';
import { doorRoute } from '@/server/http/doorRoute';

/** A picture to be copied from the web. */
export const POST = doorRoute(addPictureFrom);
