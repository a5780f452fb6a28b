/** The posts of an assignment, or all of a class. */
export type PostsOf = { readonly assignmentId: string } | { readonly classId: string };

/** SQL: that a row of `posts` is one of them. Asks for `:assignmentId` or `:classId`. */
export function amongPostsOf(asked: PostsOf): string {
  return 'assignmentId' in asked ? 'posts.assignment_id = :assignmentId' : 'posts.class_id = :classId';
}
