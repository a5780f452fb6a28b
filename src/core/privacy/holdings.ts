/** What there is of a person, counted before it goes. */
export interface PersonHoldings {
  readonly posts: number;
  readonly published: number;
  readonly revisions: number;
  readonly notes: number;
  readonly pictures: number;
  /** Comments that they wrote under posts. */
  readonly comments: number;
  /** Pages of class blogs in which they wrote. */
  readonly pages: number;
}
