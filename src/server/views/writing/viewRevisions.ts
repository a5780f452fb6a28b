import { nameMoments } from '../../../core/posts/moments';
import { momentInWords } from '../../../core/timing/inWords';
import { database } from '../../ground/database/database';
import type { Desk } from '../../deeds/sessions/desk';
import { maybeChanges } from '../../deeds/posts/sinceLast';
import { type PostRow } from '../../tables/posts';
import { findRevision, listRevisionMoments } from '../../tables/revisions';
import { type Writing } from '../../tables/writings';
import { maybeOwnPost } from './maybeOwnPost';

interface Wanted {
  /** Ids of revisions; null or `now` for the draft as it stands. */
  readonly from: string | null;
  readonly to: string | null;
  /** Every kept moment, not only the named ones. */
  readonly all: boolean;
}

const DRAFT_NOW = 'now';

/** The revisions of a post and what changed between two of them, for its writer; null for everybody else. */
export async function maybeRevisions(postId: string, wanted: Wanted, desk: Desk) {
  const found = await maybeOwnPost(postId, desk);
  if (!found) return null;
  const { personId, place } = desk;
  const { post, assignment, inClass } = found;
  const named = nameMoments(await listRevisionMoments(database, postId), inClass.timeZone);
  const shown = wanted.all ? named : named.filter((moment) => moment.name !== 'between');
  const to = wanted.to ?? DRAFT_NOW;
  const before = named.filter((moment) => moment.id !== to);
  const from = wanted.from ?? before.findLast((moment) => moment.name !== 'between')?.id ?? null;
  const [older, younger] = [from && (await snapshotOf(post, from)), await snapshotOf(post, to)];
  if (!younger || (from !== null && !older)) return null;
  const said = new Map(
    named.map((moment) => [
      moment.id,
      {
        id: moment.id,
        name: moment.name,
        ordinal: moment.ordinal,
        when: momentInWords(moment.createdAt.getTime(), place.timeZone, place.language),
      },
    ]),
  );
  return {
    postId,
    version: post.version,
    title: post.title,
    assignmentTitle: assignment.title,
    moments: shown.map((moment) => said.get(moment.id)!).reverse(),
    between: named.length - named.filter((moment) => moment.name !== 'between').length,
    all: wanted.all,
    from,
    to,
    changes: older ? await maybeChanges(older, younger, personId) : null,
  };
}

async function snapshotOf(post: PostRow, id: string): Promise<Writing | null> {
  if (id === DRAFT_NOW) return post;
  const revision = await findRevision(database, id);
  return revision?.postId === post.id ? revision : null;
}
