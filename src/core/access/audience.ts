/** Who can read a post, from the narrowest to the widest. */
export const AUDIENCES = ['writerAndTeachers', 'ourClass', 'passphrase', 'everyone'] as const;
export type Audience = (typeof AUDIENCES)[number];

/** Who may read a page of the class blog; who tends it reads it anyway. */
export const PAGE_AUDIENCES = ['ourClass', 'passphrase', 'everyone'] as const satisfies readonly Audience[];
export type PageAudience = (typeof PAGE_AUDIENCES)[number];

/** The narrower of two audiences. */
export function narrower(one: Audience, other: Audience): Audience {
  return AUDIENCES.indexOf(one) <= AUDIENCES.indexOf(other) ? one : other;
}

/** The widest audience a post may have: its own wish under the assignment's under the class's ceiling. */
export function cappedAudience(
  ceiling: Audience,
  assignment: Audience | null,
  post: Audience | null,
): Audience {
  const underCeiling = narrower(ceiling, assignment ?? ceiling);
  return post === null ? underCeiling : narrower(underCeiling, post);
}

/** Whether people outside the class are among the readers. */
export function goesBeyondClass(audience: Audience): boolean {
  return audience === 'passphrase' || audience === 'everyone';
}

/** The audiences up to a ceiling, the narrowest first. */
export function audiencesUpTo(ceiling: Audience): readonly Audience[] {
  return AUDIENCES.slice(0, AUDIENCES.indexOf(ceiling) + 1);
}
