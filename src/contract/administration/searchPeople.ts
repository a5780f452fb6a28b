import { deed } from '../deed';

/** Somebody of the install as an administrator finds them. */
export interface PersonFound {
  readonly personId: string;
  readonly name: string;
  readonly email: string | null;
  /** The titles of the classes that they are or were in. */
  readonly classes: string;
  /** When they go for good, if they are deleted. */
  readonly eraseAt: Date | null;
  /** Whether they teach, have taught, or have an account of the install. */
  readonly teaches: boolean;
  /** The classes that they are a student of now, and the one of them that speaks for them. */
  readonly studentIn: readonly { readonly id: string; readonly title: string }[];
  readonly homeClassId: string | null;
}

/** Finds people of the install by a part of their name or e-mail address, those that are deleted too. */
export const searchPeople = deed({
  name: 'searchPeople',
  on: 'install',
  action: 'install.manage',
  looksOnly: true,
  fields: {
    words: { type: 'string', maxLength: 120 },
  },
}).answers<{ readonly people: readonly PersonFound[] }>();
