import type { OtherText } from '../../core/alike/comparable';
import { openDocument } from '../../core/document/openDocument';
import type { Beside } from '../../core/posts/beside';
import { copyOfRevision, type RevisionCopy } from '../../core/posts/revisionCopy';
import { countedFor } from '../../core/requirements/countedFor';
import { evaluate } from '../../core/requirements/evaluate';
import type { Answer } from '../../core/requirements/answer';
import type { PostToCheck } from '../../core/requirements/post';
import type { AssignmentToCheck } from '../../core/requirements/requirement';
import { countDocumentWords } from '../../core/words/documentWords';
import { maybeSpeller } from './spellers';

export interface Measuring {
  readonly assignment: AssignmentToCheck;
  /** The post with its body as JSON text. */
  readonly post: Omit<PostToCheck, 'body' | 'others' | 'speller'> & { readonly body: string };
  /** Absent where nothing is compared with them. */
  readonly others?: readonly OtherText[];
  /** The language to spell by; null where nothing is spelt. */
  readonly spelling: string | null;
  /** What stands beside the body, where the post is about to be a revision whose copy is wanted; else null. */
  readonly copied: Pick<Beside, 'teaser' | 'cover'> | null;
}

export interface Measured {
  readonly answer: Answer;
  readonly words: number;
  readonly copy: RevisionCopy | null;
}

/** How a post stands against an assignment, with a dictionary and the words of others where these are asked for. */
export async function measure({ assignment, post, others, spelling, copied }: Measuring): Promise<Measured> {
  const body = openDocument(JSON.parse(post.body));
  const answer = evaluate(assignment, {
    ...post,
    body,
    ...(spelling === null ? {} : { speller: await maybeSpeller(spelling) }),
    ...(others ? { others } : {}),
  });
  const counted = countedFor(assignment);
  return {
    answer,
    words: countDocumentWords(body, counted),
    copy: copied && copyOfRevision(body, copied, counted),
  };
}
