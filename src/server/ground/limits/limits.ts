const SECOND = 1000;
const MINUTE = 60 * SECOND;
const HOUR = 60 * MINUTE;

/** So many tries within a time, in milliseconds; from then on one at a time, each followed by a pause as long as `holds`. */
export interface Lock {
  readonly kind: 'lock';
  readonly most: number;
  readonly within: number;
  readonly holds: number;
}

/**
 * So many tries within a time go through at once; further ones come after each other with a gap between, so that whoever is
 * right among many who are wrong waits, and is never kept out.
 */
export interface Pace {
  readonly kind: 'pace';
  readonly free: number;
  readonly within: number;
  readonly gap: number;
  /** The longest that anybody waits, in milliseconds. */
  readonly longest: number;
  /** Whether more than can be let through in that time are refused. Else they are let through at its end. */
  readonly refuses: boolean;
}

/** So many within a time, and no more. */
export interface Allowance {
  readonly kind: 'allowance';
  readonly most: number;
  readonly within: number;
}

const lock = (most: number, within: number, holds: number): Lock => ({ kind: 'lock', most, within, holds });
const pace = (rest: Omit<Pace, 'kind'>): Pace => ({ kind: 'pace', ...rest });

/**
 * What is limited. The names are shown to administrators, under `administration.limits` in the message catalogue.
 * A passcode of three pictures is found by 864 tries on average: at one in five minutes that takes three days, and both the
 * roster and administrators are shown it from the eighth on.
 */
export const LIMITS = {
  /** Wrong passcodes of one child, with the right class code; and those on a device where the child signed in before. */
  passcode: lock(8, HOUR, 5 * MINUTE),
  passcodeOnDevice: lock(8, HOUR, 5 * MINUTE),
  /** Wrong passwords for one e-mail address. */
  password: lock(8, HOUR, 5 * MINUTE),
  passwordOnDevice: lock(8, HOUR, 5 * MINUTE),
  /** Failed sign-ins into one class, and from one network address, which may be a whole school's. */
  class: pace({ free: 60, within: 15 * MINUTE, gap: SECOND / 5, longest: 3 * SECOND, refuses: false }),
  address: pace({ free: 100, within: 15 * MINUTE, gap: SECOND / 10, longest: 3 * SECOND, refuses: false }),
  /** Class codes that no class has, from one network address. */
  classCode: pace({ free: 30, within: 15 * MINUTE, gap: SECOND, longest: 8 * SECOND, refuses: true }),
  /** Wrong passphrases for one blog from one network address. */
  passphrase: pace({ free: 8, within: 15 * MINUTE, gap: 2 * SECOND, longest: 10 * SECOND, refuses: true }),
  /** Links of invitations and for passwords that lead nowhere, from one network address. */
  link: pace({ free: 20, within: 15 * MINUTE, gap: SECOND, longest: 5 * SECOND, refuses: true }),
  /** Mails about a forgotten password, to one e-mail address and from one network address. */
  letter: lock(5, HOUR, 15 * MINUTE),
  letterFrom: pace({ free: 20, within: HOUR, gap: 3 * SECOND, longest: 9 * SECOND, refuses: true }),
  /** Worries that one person tells, and what comes from one network address without a name. */
  worry: lock(8, 15 * MINUTE, 5 * MINUTE),
  worryFrom: pace({ free: 20, within: 15 * MINUTE, gap: 2 * SECOND, longest: 8 * SECOND, refuses: true }),
  /** Comments of one person: so many in so many minutes are a conversation, more are a flood. */
  comments: { kind: 'allowance', most: 12, within: 5 * MINUTE },
  /** Invitations that one address is sent, and that one class sends. */
  invitations: { kind: 'allowance', most: 6, within: 24 * HOUR },
  invitationsOf: { kind: 'allowance', most: 500, within: 24 * HOUR },
  /** Other people's addresses that are looked at for one writer; nobody's post has so many. */
  looks: { kind: 'allowance', most: 120, within: 10 * MINUTE },
  videos: { kind: 'allowance', most: 20, within: 10 * MINUTE },
  /** How often one person's worry takes words from the class's screens at once; more only tell. */
  wordsAway: { kind: 'allowance', most: 3, within: 7 * 24 * HOUR },
  /** Pages that a teacher has read for own words. */
  sources: { kind: 'allowance', most: 30, within: 10 * MINUTE },
} as const satisfies Readonly<Record<string, Lock | Pace | Allowance>>;

/** As long as the longest of them counts, in milliseconds; what was counted before is of no use any more. */
export const LONGEST_LIMIT = Math.max(...Object.values(LIMITS).map((limit) => limit.within));

type Limits = typeof LIMITS;
export type LimitName = keyof Limits;
type Of<Kind> = { [Name in LimitName]: Limits[Name] extends Kind ? Name : never }[LimitName];
export type LockName = Of<Lock>;
export type PaceName = Of<Pace>;
export type AllowanceName = Of<Allowance>;
