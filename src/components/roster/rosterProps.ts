/** A student of the class as the roster shows them. What is not known is empty. */
export interface RosterStudent {
  readonly personId: string;
  readonly name: string;
  readonly monogram: string;
  readonly givenName: string;
  readonly familyName: string;
  readonly penName: string;
  readonly email: string;
  readonly schoolId: string;
  readonly group: string;
  readonly signIn: 'noCard' | 'notUsed' | 'locked' | 'used' | 'ownAccount';
  readonly wrongTries: number;
  readonly lastSeen: string | null;
  readonly posts: number;
  /** Since which day they are no longer in the class. */
  readonly left: string | null;
}

export interface RosterProps {
  readonly classId: string;
  /** How many assignments are set. */
  readonly assignments: number;
  readonly students: readonly RosterStudent[];
  readonly gone: readonly RosterStudent[];
  readonly otherClasses: readonly {
    readonly id: string;
    readonly title: string;
    readonly groupName: string;
  }[];
}

/** Whether somebody needs their teacher to get in. */
export function needsHelp({ signIn }: RosterStudent): boolean {
  return signIn === 'noCard' || signIn === 'notUsed' || signIn === 'locked';
}
