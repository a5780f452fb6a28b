import { addSource as door } from '@/contract/fileDoors/addSource';
import { addSource } from '@/server/deeds/sources/addSource';
import { fileRoute } from '@/server/http/doorRoute';

/** A file, or a text sent as one, that own words are compared with. */
export const POST = fileRoute(door, addSource);
