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
  readonly signIn: 'noCard' | 'notUsed' | 'locked' | 'used' | 'ownAccount' | 'otherHome';
  readonly wrongTries: number;
  readonly lastSeen: string | null;
  /** The same as a number, to sort by; undefined for who never came. */
  readonly lastSeenAt: number | undefined;
  readonly posts: number;
  /** When they are or were away, in words; `to` is null for a single day. */
  readonly absences: readonly {
    readonly id: string;
    readonly from: string;
    readonly to: string | null;
    readonly over: boolean;
  }[];
  /** The last day of it, where they are away now. */
  readonly awayUntil: string | null;
  readonly consents: readonly RosterConsent[];
  /** Since which day they are no longer in the class. */
  readonly left: string | null;
  /** For who was deleted: the day on which everything of theirs goes for good. */
  readonly goneForGood: string | null;
  /** Whether this class speaks for them; else the name of the one that does, or null where none does any more. */
  readonly home: { readonly ours: boolean; readonly title: string | null };
  /** Further classes that they are in: one of them can speak for them instead. */
  readonly alsoIn: readonly { readonly id: string; readonly title: string }[];
}

/** That a class would like to take in a student of another. */
export interface JoinRequest {
  readonly askingClassId: string;
  readonly asking: string;
  readonly personId: string;
  readonly name: string;
  readonly teacher: string;
  /** The class that speaks for the student; null where none does. */
  readonly home: string | null;
  readonly when: string;
  readonly declined: boolean;
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
  /** What other classes ask of this one, and what it asks of others. */
  readonly requests: { readonly toUs: readonly JoinRequest[]; readonly ofUs: readonly JoinRequest[] };
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

/** Whether this class gives somebody a card: they have no sign-in of their own, and no other class speaks for them. */
export function canHaveCard({ signIn }: Pick<RosterStudent, 'signIn'>): boolean {
  return signIn !== 'ownAccount' && signIn !== 'otherHome';
}
