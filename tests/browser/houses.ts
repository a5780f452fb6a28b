/** So many files of tests run beside each other, each in a house of its own. */
export const HOUSES = 2;
