import { addressesOf, reviewAddress } from '../../../contract/addresses';
import { marks } from '../../../core/requirements/slats';
import type { Requirement } from '../../../core/requirements/requirement';
import { readersNow } from '../../../core/privacy/readersNow';
import type { Outside } from '../../../core/privacy/consent';
import { agoInWords, dateInWords, momentInWords } from '../../../core/timing/inWords';
import type { Desk } from '../../deeds/sessions/desk';
import type { MemberRow } from '../../tables/memberships';
import { inPicturesShown } from '../../deeds/subjects/inPicturesShown';
import type { PostStateRow } from '../../tables/postStates';

interface Asked {
  readonly requirements: readonly Requirement[];
  /** Whether teachers may read drafts of it. */
  readonly draftsOpen: boolean;
}

/** A post for those who teach its class: how far it is, who reads it, and the way to it where they may read it. */
export function postShown(
  post: PostStateRow | null,
  asked: Asked,
  {
    inClass,
    now,
    place,
    outside,
    people,
    hidden = false,
  }: Pick<Desk, 'inClass' | 'now' | 'place'> & {
    readonly outside: Outside;
    /** Of its class, by id. */
    readonly people: ReadonlyMap<string, MemberRow>;
    /** Whether its writer's name is hidden: what leads to the blog, or names a classmate, says whose it is. */
    readonly hidden?: boolean;
  },
) {
  const { timeZone, language } = place;
  if (!post) return { ...NOT_BEGUN };
  const { postId, stage, evidence, audience, since, drawnFrom, address, away } = post;
  return {
    state: stage,
    slats: evidence ? marks(evidence.requirements, asked.requirements) : post.slats,
    /** Of what is still written. */
    saved: stage === 'draft' ? agoInWords(post.savedAt.getTime(), now.getTime(), timeZone, language) : null,
    handedIn: post.handedInAt && momentInWords(post.handedInAt.getTime(), timeZone, language),
    ordinal: post.ordinal ?? 1,
    readers: audience && {
      ...readersNow(audience, { ceiling: inClass.ceiling, outside, away }),
      inPictures: inPicturesShown(outside, hidden ? null : people),
      published: audience,
      drawnFrom,
      since: since && dateInWords(since.getTime(), timeZone, language),
      address: hidden ? null : address && `/blog/${inClass.address}/${address}`,
    },
    way: post.handInId
      ? reviewAddress(postId)
      : asked.draftsOpen
        ? addressesOf(inClass.id).draft(postId)
        : null,
  };
}

/** How somebody stands who has begun nothing. */
const NOT_BEGUN = {
  state: 'notBegun',
  slats: null,
  saved: null,
  handedIn: null,
  ordinal: 1,
  readers: null,
  way: null,
} as const;
