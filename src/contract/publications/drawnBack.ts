/** A post that fewer people read now. */
export interface DrawnBack {
  readonly postId: string;
  readonly writerId: string;
  readonly title: string;
}
