import { strFromU8, unzipSync } from 'fflate';
import type { Archive } from '../../src/server/deeds/archives/archivePerson';

/** The files of an archive that somebody may take along, as text; none where it is not theirs. */
export async function filesIn(archive: Archive | null): Promise<Readonly<Record<string, string>>> {
  if (!archive) return {};
  const bytes = await new Response(archive.content).arrayBuffer();
  return Object.fromEntries(
    Object.entries(unzipSync(new Uint8Array(bytes))).map(([name, content]) => [name, strFromU8(content)]),
  );
}
