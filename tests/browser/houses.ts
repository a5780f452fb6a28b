/** So many files of tests run beside each other, each in a house of its own. */
export const HOUSES = 2;

/** What a house is reached by: variables of the environment, for its application and for the tests in it. */
export type Surroundings = Readonly<Record<string, string>>;
