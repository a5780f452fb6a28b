/** What one place of tests is reached by: variables of the environment, for its application and for the tests in it. */
export type Surroundings = Readonly<Record<string, string>>;
