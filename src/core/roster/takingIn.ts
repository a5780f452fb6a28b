/** How somebody who is known in the school stands to its classes. */
export interface StudentStanding {
  /** The class whose teachers speak for them; null where there is none (any more). */
  readonly homeClassId: string | null;
  readonly deleted: boolean;
  /** Whether their sign-in is theirs alone, so that no class makes them another. */
  readonly ownSignIn: boolean;
  /** Whether they have an account of the install or are anything but a student anywhere. */
  readonly grownUp: boolean;
}

/** What happens when a class wants to take somebody in. */
export type TakingIn =
  /** They join: the teacher who asks speaks for them already. */
  | { readonly kind: 'joins' }
  /** Their home class, or an administrator, is asked. */
  | { readonly kind: 'asks' }
  /** Neither: somebody deleted comes back through their home class only, a grown-up is invited. */
  | { readonly kind: 'refused'; readonly reason: 'deleted' | 'grownUp' };

/**
 * What comes of it when a class wants to take in somebody who is known in the school. Nobody gets power over a child of
 * others by naming them in a list.
 * @param runs the classes whose people the teacher who wants it may change, the asking one among them
 */
export function takingIn(student: StudentStanding, runs: ReadonlySet<string>): TakingIn {
  if (student.deleted) return { kind: 'refused', reason: 'deleted' };
  if (student.grownUp) return { kind: 'refused', reason: 'grownUp' };
  return { kind: student.homeClassId !== null && runs.has(student.homeClassId) ? 'joins' : 'asks' };
}

/** Why a class must not give somebody a sign-in or change what is known of them, or null where it may. */
export function whyNotTheirs(student: StudentStanding, classId: string): 'ownSignIn' | 'otherHome' | null {
  if (student.ownSignIn) return 'ownSignIn';
  return student.homeClassId === classId ? null : 'otherHome';
}
