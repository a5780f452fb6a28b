import { addHandout as door } from '@/contract/fileDoors/addHandout';
import { addHandout } from '@/server/deeds/handouts/addHandout';
import { fileRoute } from '@/server/http/doorRoute';

/** A file to be given out. */
export const POST = fileRoute(door, addHandout);
