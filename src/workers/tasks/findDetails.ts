import { openDocument } from '../../core/document/openDocument';
import {
  detailsInPost,
  mendingFor,
  type DetailInPost,
  type PostToLookThrough,
} from '../../core/personal/detailsInPost';
import type { KnownPerson } from '../../core/personal/found';

interface LookingThrough {
  /** The body as JSON text. */
  readonly post: Omit<PostToLookThrough, 'body'> & { readonly body: string };
  readonly people: readonly KnownPerson[];
  /** BCP 47. */
  readonly language: string;
}

/** A personal detail with other words that may be suggested for it. */
export type DetailMendable = DetailInPost & { readonly mending: string };

/** The personal details in a post. */
export function findDetails({ post, people, language }: LookingThrough): readonly DetailMendable[] {
  const found = detailsInPost({ ...post, body: openDocument(JSON.parse(post.body)) }, { people, language });
  return found.map((detail) => ({ ...detail, mending: mendingFor(detail, people) }));
}
