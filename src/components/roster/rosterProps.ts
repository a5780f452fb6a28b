import type { ConsentPurpose, ConsentRelation } from '../../core/privacy/consent';

/** A consent as it was written down; days are local dates. */
export interface RosterConsent {
  readonly id: string;
  readonly givenBy: string;
  readonly relation: ConsentRelation;
  readonly purposes: readonly ConsentPurpose[];
  readonly givenOn: string;
  readonly until: string | null;
  /** The month of its end, in words. */
  readonly untilShown: string | null;
  readonly withdrawn: boolean;
  /** Whether it holds today. */
  readonly holds: boolean;
}

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
  readonly consents: readonly RosterConsent[];
  /** Since which day they are no longer in the class. */
  readonly left: string | null;
  /** For who was deleted: the day on which everything of theirs goes for good. */
  readonly goneForGood: string | null;
}

export interface RosterProps {
  readonly classId: string;
  /** Whether writing goes beyond the class only with consent. */
  readonly consentNeeded: boolean;
  /** The present day in the class's time zone. */
  readonly today: string;
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
