import { beginPost as deed } from '../../../contract/posts/beginPost';
import { outlineDocument } from '../../../core/document/openDocument';
import { NOTHING_BESIDE } from '../../../core/posts/beside';
import { done, refused } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import type { AssignmentRow } from '../../tables/assignments';
import { canBeBegun } from '../../tables/assignmentEndings';
import { drawNumber } from '../../tables/hiddenNames';
import { findPostOf, insertPost } from '../../tables/posts';
import { assignmentUseCase } from '../subjects/assignmentUseCase';

export const beginPost = assignmentUseCase(deed, {
  async run(_, { assignment }, { database, personId, now }) {
    const begun = await findPostOf(database, assignment.id, personId);
    if (begun) return done({ postId: begun.id });
    if (!(await canBeBegun(database, assignment.id, now))) return refused('post.putAway');
    return done({ postId: await insertBegun(database, assignment, { writerId: personId, now }) });
  },
});

interface Beginning {
  readonly writerId: string;
  /** The teacher who types it in for them; absent where they write it themselves. */
  readonly typedInById?: string;
  readonly now: Date;
}

/** Begins a post as its assignment says that it begins. @returns its id */
export async function insertBegun(
  database: Database,
  assignment: AssignmentRow,
  { writerId, typedInById = '', now }: Beginning,
): Promise<string> {
  const id = newId();
  await insertPost(database, {
    id,
    classId: assignment.classId,
    assignmentId: assignment.id,
    writerId,
    stage: 'draft',
    title: '',
    labels: [],
    beside: NOTHING_BESIDE,
    body: JSON.stringify(outlineDocument(assignment.outline).toJSON()),
    audience: null,
    address: null,
    askedAddress: null,
    version: 1,
    begunAt: now,
    savedAt: now,
    typedInById: typedInById || null,
    typesInId: typedInById || null,
    drawnNumber: await drawNumber(database, assignment.id),
  });
  return id;
}
