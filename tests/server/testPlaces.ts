/** So many processes run tests of the server beside each other. */
export const PLACES = 2;

/** What one of them has for itself. */
export interface TestPlace {
  readonly url: string;
  readonly pictures: string;
}
