/** A passage of a text: from its first character to after its last, in UTF-16 units. */
export interface Passage {
  readonly from: number;
  readonly to: number;
}
