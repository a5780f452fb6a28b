/** A place that a requirement speaks of, in the plain text of a hand-in (UTF-16 units). */
export interface PlaceInText {
  readonly from: number;
  readonly to: number;
  /** A key under `requirements.<kind>.places` in the message catalogue. */
  readonly reason: string;
  /** The beginning of what stands there; empty for a picture without words. */
  readonly text: string;
}
