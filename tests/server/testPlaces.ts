/** So many processes run tests of the server beside each other. */
export const PLACES = 2;
