import { createHash } from 'node:crypto';
import type { DetailInPost } from '../../../core/personal/detailsInPost';
import type { KnownPerson } from '../../../core/personal/found';
import type { DetailMendable } from '../../../workers/tasks/findDetails';
import { done, refused, type Result } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { work } from '../../ground/work/work';
import type { ClassRow } from '../../tables/classes';
import { listDetailDecisions } from '../../tables/detailDecisions';
import { listDocumentCopies } from '../../tables/links';
import { listWritersNames } from '../../tables/memberships';
import { findRevision } from '../../tables/revisions';
import type { Writing } from '../../tables/writings';

/** A personal detail by the key under which it is decided about. */
export type DetailFound = DetailMendable & { readonly key: string };

interface LookedThrough {
  readonly postId: string;
  /** What was handed in; null for what is still written, which has no copies of its documents. */
  readonly revisionId: string | null;
  readonly writing: Writing;
  readonly inClass: ClassRow;
  /** Who waits for it. */
  readonly by: string;
  /** All who write in the class or did, where they are known already. */
  readonly people?: readonly KnownPerson[];
}

/**
 * The personal details in a post, looked for beside the thread that answers everybody: never within a transaction.
 * @returns null where it could not be looked through now
 */
export async function findDetailsIn(
  database: Database,
  { postId, revisionId, writing, inClass, by, people }: LookedThrough,
): Promise<readonly DetailFound[] | null> {
  const { title, labels, beside, body } = writing;
  const copies = revisionId === null ? [] : await listDocumentCopies(database, revisionId);
  const found = await work(
    'findDetails',
    {
      post: {
        title,
        subtitle: beside.subtitle,
        teaser: beside.teaser,
        labels,
        body,
        documents: copies.map(({ text }) => text),
      },
      people: people ?? (await listWritersNames(database, inClass.id)),
      language: inClass.language,
    },
    by,
  );
  return found.ok ? found.value.map((detail) => ({ ...detail, key: keyOf(postId, detail) })) : null;
}

/** The same for a revision by its id; refused where it could not be looked through now. */
export async function lookThrough(
  database: Database,
  looked: Omit<LookedThrough, 'writing' | 'revisionId'> & { readonly revisionId: string },
): Promise<Result<readonly DetailFound[]>> {
  const writing = await findRevision(database, looked.revisionId);
  const found = writing && (await findDetailsIn(database, { ...looked, writing }));
  return found ? done(found) : refused('sameMoment');
}

/** Those of some details of a post that nobody has said are meant to be there. */
export async function openOnes<Detail extends { readonly key: string }>(
  database: Database,
  postId: string,
  details: readonly Detail[],
): Promise<readonly Detail[]> {
  if (details.length === 0) return [];
  const meant = new Set((await listDetailDecisions(database, postId)).map(({ key }) => key));
  return details.filter(({ key }) => !meant.has(key));
}

function keyOf(postId: string, { kind, where, text, before, after }: DetailInPost): string {
  return createHash('sha256')
    .update(JSON.stringify([postId, kind, where, before, text, after]))
    .digest('hex');
}
