import { blogAddresses } from '../../../core/blog/addresses';
import { sightOf, type Blog } from '../../deeds/readers/openBlog';
import { database } from '../../ground/database/database';
import { listNeighbours, listTogether } from '../../tables/publishedLists';
import type { PublishedRow } from '../../tables/publishedPosts';
import { byVersion } from './byVersion';

/** So many posts are named that belong to another. */
const TOGETHER = 3;

/** A post to which another one leads. */
interface WayOn {
  readonly title: string;
  readonly address: string;
}

/** Where its reader may go on from a post. */
export interface Around {
  /** The posts before and after it. */
  readonly earlier: WayOn | null;
  readonly later: WayOn | null;
  /** Others with a label or the assignment of it, the newest first. */
  readonly together: readonly WayOn[];
}

const kept = byVersion<Around>(5000);

/** Where the reader of a post may go on, worked out once for each version of what readers see. */
export function aroundOf(blog: Blog, { postId, since, assignmentId }: PublishedRow): Promise<Around> {
  const sight = sightOf(blog);
  const at = blogAddresses(blog.inClass.address);
  const wayOn = ({ title, address }: WayOn) => ({ title, address: at.post(address) });
  const make = async (): Promise<Around> => {
    const { earlier, later } = await listNeighbours(database, sight, { postId, since });
    const beside = new Set([earlier, later].flatMap((one) => one?.postId ?? []));
    const together = await listTogether(database, sight, {
      ...{ postId, assignmentId },
      most: TOGETHER + beside.size,
    });
    return {
      earlier: earlier && wayOn(earlier),
      later: later && wayOn(later),
      together: together
        .filter((one) => !beside.has(one.postId))
        .slice(0, TOGETHER)
        .map(wayOn),
    };
  };
  return kept(blog.inClass, sight, { of: postId, make });
}
