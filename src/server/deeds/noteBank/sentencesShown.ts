import type { SentenceKept } from '../../../contract/noteBank/sentenceKept';
import { teacherName } from '../../../core/people/names';
import type { Database } from '../../ground/database/database';
import { listSentencesFor } from '../../tables/noteBank';

/** The note bank as somebody sees it. */
export async function sentencesShown(database: Database, personId: string): Promise<readonly SentenceKept[]> {
  return (await listSentencesFor(database, personId)).map(
    ({ id, words, group, uses, shared, version, ownerId, ...owner }) => ({
      id,
      words,
      group,
      uses,
      shared,
      version,
      mine: ownerId === personId,
      owner: teacherName(owner),
    }),
  );
}
