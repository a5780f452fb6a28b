import { readFile as door } from '@/contract/fileDoors/readFile';
import { readFile } from '@/server/deeds/files/readFile';
import { fileRoute } from '@/server/http/doorRoute';

/** A file to be read for somebody who writes. */
export const POST = fileRoute(door, readFile);
