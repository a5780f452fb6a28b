/** Whose consent is missing of the people in a post's pictures, where one is. Nothing is said of why. */
export interface InPicturesShown {
  /** The classmates among them, one after the other. */
  readonly names: string;
  readonly whose: 'classmates' | 'others' | 'both';
}
