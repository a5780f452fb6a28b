import { openDocument } from '../../core/document/openDocument';
import { webAddresses } from '../../core/document/webAddresses';
import { evaluate } from '../../core/requirements/evaluate';
import type { Answer } from '../../core/requirements/answer';
import type { PostToCheck } from '../../core/requirements/post';
import { asksFor } from '../../core/requirements/requirement';
import { countDocumentWords } from '../../core/words/documentWords';
import { assignmentToCheck } from '../assignments/context';
import type { AssignmentRow } from '../assignments/queries';
import type { ClassRow } from '../classes/queries';
import { listCommentsGiven } from '../comments/queries';
import type { Database } from '../database/database';
import { listPerceptualHashes } from '../pictures/queries';
import { findOpenResults } from '../links/lookAt';
import { spellerFor } from '../spelling/spellers';
import { listOthersBodies, type PostRow } from './queries';
import { pictureIds } from './writing';

export interface Evidence {
  readonly answer: Answer;
  readonly words: number;
}

/** How a post stands against its assignment, computed here and now; at a hand-in this alone counts. */
export async function evidenceFor(
  database: Database,
  post: PostRow,
  assignment: AssignmentRow,
  inClass: ClassRow,
): Promise<Evidence> {
  const body = openDocument(JSON.parse(post.body));
  const { teaser, cover, selfChecked } = post.beside;
  const answer = evaluate(await assignmentToCheck(database, assignment, inClass), {
    title: post.title,
    labels: post.labels,
    body,
    teaser,
    cover,
    selfChecked,
    classWords: inClass.words,
    pictureHashes: await listPerceptualHashes(database, pictureIds(post)),
    ...(await foundElsewhere(database, post, assignment, inClass)),
  });
  return { answer, words: countDocumentWords(body) };
}

/** What is known of addresses; other people's words and a dictionary only where they are asked for. */
async function foundElsewhere(
  database: Database,
  post: PostRow,
  assignment: AssignmentRow,
  inClass: ClassRow,
): Promise<Pick<PostToCheck, 'others' | 'speller' | 'openResults' | 'commentsGiven'>> {
  const { requirements } = assignment;
  const others = asksFor(requirements, 'ownWords')
    ? await listOthersBodies(database, assignment.id, post.writerId)
    : null;
  return {
    openResults: await findOpenResults(database, webAddresses(openDocument(JSON.parse(post.body)))),
    ...spellerFor(requirements, inClass.language),
    ...(asksFor(requirements, 'comments')
      ? {
          commentsGiven: await listCommentsGiven(database, {
            authorId: post.writerId,
            classId: inClass.id,
          }),
        }
      : {}),
    ...(others
      ? { others: others.map(({ id, body }) => ({ id, body: openDocument(JSON.parse(body)) })) }
      : {}),
  };
}
