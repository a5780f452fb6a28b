import type { OtherText } from '../../../core/alike/comparable';
import { webAddresses } from '../../../core/document/webAddresses';
import { asksFor } from '../../../core/requirements/requirement';
import type { Measured, Measuring } from '../../../workers/tasks/measure';
import type { AssignmentRow } from '../../tables/assignments';
import { listTaughtAlong, type ClassRow } from '../../tables/classes';
import { listCommentsGiven } from '../../tables/comments';
import type { Database } from '../../ground/database/database';
import { listPerceptualHashes } from '../../tables/pictures';
import { work } from '../../ground/work/work';
import { type PostRow } from '../../tables/posts';
import { listSourceTexts } from '../../tables/givenSources';
import { openStored } from '../../tables/columns';
import type { PictureNamed } from '../../tables/writings';
import { findOpenResults } from '../links/lookAt';
import { findAlike } from './alike';
import { assignmentToCheck } from './context';
import { picturesIn } from './writing';

/** How a post stands against its assignment; at a hand-in this alone counts. */
export interface Evidence extends Measured {
  /** The pictures that it shows, with what is said of them. */
  readonly pictures: readonly PictureNamed[];
  /** The posts of others that share a passage with it. */
  readonly alikeWith: readonly string[];
  /** Whether it leads to other people's servers. */
  readonly leadsOut: boolean;
}

/** A post that is too much to be measured: who wrote it is told. */
export class TooMuchToMeasure extends Error {
  override readonly name = 'TooMuchToMeasure';
}

/**
 * How a post stands against its assignment, computed here and now, beside the thread that answers everybody: never within a
 * transaction.
 * @param copied true where the copy of what is measured is wanted too
 * @throws TooMuchToMeasure
 */
export async function evidenceFor(
  database: Database,
  post: PostRow,
  assignment: AssignmentRow,
  inClass: ClassRow,
  { copied = false }: { readonly copied?: boolean } = {},
): Promise<Evidence> {
  const { teaser, cover, selfChecked } = post.beside;
  const document = openStored(post.body);
  const pictures = picturesIn(document, post.beside);
  const addresses = webAddresses(document);
  const alike = await postsAlike(database, post, assignment, inClass);
  const measured = await work(
    'measure',
    {
      assignment: await assignmentToCheck(database, assignment, inClass),
      post: {
        title: post.title,
        labels: post.labels,
        body: post.body,
        teaser,
        cover,
        selfChecked,
        classWords: inClass.words,
        pictureHashes: await listPerceptualHashes(
          database,
          pictures.map(({ id }) => id),
        ),
        openResults: await findOpenResults(database, addresses),
        ...(await commentsGiven(database, post, assignment, inClass)),
      },
      ...(asksFor(assignment.requirements, 'ownWords')
        ? { others: [...alike, ...(await listSourceTexts(database, assignment))] }
        : {}),
      // A dictionary only where it is asked for.
      spelling: asksFor(assignment.requirements, 'spelling') ? inClass.language : null,
      copied: copied ? { teaser, cover } : null,
    },
    post.writerId,
  );
  if (!measured.ok) throw new TooMuchToMeasure(measured.why);
  return {
    ...measured.value,
    pictures,
    alikeWith: alike.map(({ id }) => id),
    leadsOut: addresses.length > 0,
  };
}

async function commentsGiven(
  database: Database,
  post: PostRow,
  { requirements }: AssignmentRow,
  inClass: ClassRow,
): Promise<Pick<Measuring['post'], 'commentsGiven'>> {
  if (!asksFor(requirements, 'comments')) return {};
  const of = { authorId: post.writerId, classId: inClass.id };
  return { commentsGiven: await listCommentsGiven(database, of) };
}

/** The posts of others that share a passage with one, only where own words are asked for. @throws TooMuchToMeasure */
async function postsAlike(
  database: Database,
  post: PostRow,
  assignment: AssignmentRow,
  inClass: ClassRow,
): Promise<readonly OtherText[]> {
  if (!asksFor(assignment.requirements, 'ownWords')) return [];
  const classIds = await listTaughtAlong(database, inClass.id);
  const posts = await findAlike(database, { ...post, by: post.writerId }, assignment, classIds);
  if (!posts) throw new TooMuchToMeasure('tooMuch');
  return posts.map(({ id, words }) => ({ id, words }));
}
