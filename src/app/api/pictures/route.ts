import { addPicture as door } from '@/contract/fileDoors/addPicture';
import { addPicture } from '@/server/deeds/pictures/addPicture';
import { fileRoute } from '@/server/http/doorRoute';

/** A picture for a class. */
export const POST = fileRoute(door, addPicture);
