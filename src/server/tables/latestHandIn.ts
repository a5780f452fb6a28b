/** SQL: that a row of `hand_ins` is the latest of its post that was not taken back. @param post holds the post's id */
export function latestHandInOf(post: string): string {
  return `hand_ins.post_id = ${post} AND hand_ins.ordinal =
    (SELECT MAX(ordinal) FROM hand_ins AS latest WHERE latest.post_id = ${post} AND latest.taken_back_at IS NULL)`;
}

/** The same beside `posts`. */
export const LATEST_HAND_IN = latestHandInOf('posts.id');
