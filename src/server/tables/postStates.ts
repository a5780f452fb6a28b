import type { Audience } from '../../core/access/audience';
import type { Stage } from '../../core/posts/stage';
import type { Counted } from '../../core/requirements/counted';
import type { Slat } from '../../core/requirements/slats';
import type { Database } from '../ground/database/database';
import { countedFrom, slatsFrom } from './columns';
import { OF_NOTHING_DELETED } from './posts';
import { LATEST_HAND_IN } from './latestHandIn';
import { amongPostsOf, type PostsOf } from './postsOf';
import { isAway } from './wordsAway';

/** How far a post is and who reads it, without a word of it. */
export interface PostStateRow {
  readonly postId: string;
  readonly assignmentId: string | null;
  readonly writerId: string;
  readonly stage: Stage;
  /** The narrower audience that its writer asked for; null for none. */
  readonly wished: Audience | null;
  readonly address: string | null;
  readonly savedAt: Date;
  /** Of the latest hand-in that was not taken back; null where there is none. */
  readonly handInId: string | null;
  readonly ordinal: number | null;
  readonly handedInAt: Date | null;
  readonly evidence: Counted | null;
  /** A draft as it was measured last; null where nobody asked yet. */
  readonly slats: readonly Slat[] | null;
  /** To whom it was published, and since when; who reads it now depends on ceiling and consent besides. */
  readonly audience: Audience | null;
  readonly since: Date | null;
  /** Where it was drawn back: the audience before. */
  readonly drawnFrom: Audience | null;
  /** The teacher who typed it in for its writer, and the same while they may still write in it; null for most. */
  readonly typedInById: string | null;
  readonly typesInId: string | null;
  /** Whether a worry keeps it from its readers. */
  readonly away: boolean;
}

type Stored = Omit<PostStateRow, 'evidence' | 'slats' | 'away'> & {
  readonly away: number;
  readonly evidence: string | null;
  readonly slats: string | null;
};

/** The posts of an assignment, of a class, or of one writer in it, but those of people deleted; in the order in which they were begun. */
export async function listPostStates(
  database: Database,
  which: PostsOf & { readonly writerId?: string },
): Promise<readonly PostStateRow[]> {
  const where = `${amongPostsOf(which)}${which.writerId === undefined ? '' : ' AND posts.writer_id = :writerId'}`;
  const rows = await database.rows<Stored>(
    `SELECT posts.id AS postId, posts.assignment_id AS assignmentId, posts.writer_id AS writerId, stage, posts.audience AS wished, posts.address,
       saved_at AS savedAt, typed_in_by AS typedInById, types_in AS typesInId, hand_ins.id AS handInId, ordinal, handed_in_at AS handedInAt, counted AS evidence, slats,
       publications.audience, since, drawn_from AS drawnFrom, ${isAway()} AS away
     FROM posts LEFT JOIN hand_ins ON ${LATEST_HAND_IN}
     LEFT JOIN post_standings ON post_standings.post_id = posts.id
     LEFT JOIN publications ON publications.post_id = posts.id AND until IS NULL
     WHERE ${where} AND ${OF_NOTHING_DELETED} ORDER BY begun_at, posts.id`,
    { ...which },
  );
  return rows.map((row) => ({
    ...row,
    away: row.away === 1,
    evidence: row.evidence === null ? null : countedFrom(row.evidence),
    slats: row.slats === null ? null : slatsFrom(row.slats),
  }));
}
