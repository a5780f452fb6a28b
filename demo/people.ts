import type { AccountRole } from '../src/core/access/may';
import { PICTURE_WORDS } from '../src/core/people/passcode';
import type { ConsentPurpose, ConsentRelation } from '../src/core/privacy/consent';

interface DemoPerson {
  readonly key: string;
  readonly givenName: string;
  readonly familyName: string;
}

export interface DemoTeacher extends DemoPerson {
  readonly email: string;
  readonly password: string;
  readonly account: AccountRole;
}

export interface DemoStudent extends DemoPerson {
  readonly passcode: string;
  readonly penName: string | null;
  readonly group: string | null;
  /** How many days ago they were last signed in; null for who has a card and has not used it yet. */
  readonly seenDaysAgo: number | null;
  /** False for who has no card yet. */
  readonly hasCard: boolean;
  /** Who gave consent and for what; null where the letter is not back. */
  readonly consent: DemoConsent | null;
}

export interface DemoConsent {
  readonly givenBy: string;
  readonly relation: ConsentRelation;
  readonly purposes: readonly ConsentPurpose[];
}

/** Everybody here is invented. */
// The third is new at the school and has no class yet; the fourth runs the install and teaches nobody; the
// fifth takes over for some days; the sixth looks after worries.
export const TEACHERS: readonly DemoTeacher[] = [
  {
    key: 'marisol',
    givenName: 'Marisol',
    familyName: 'Tennant',
    email: 'marisol.tennant@example.org',
    password: 'seven lanterns on the quay',
    account: 'teacher',
  },
  {
    key: 'idris',
    givenName: 'Idris',
    familyName: 'Vale',
    email: 'idris.vale@example.org',
    password: 'nine kettles in the fog',
    account: 'teacher',
  },
  {
    key: 'odile',
    givenName: 'Odile',
    familyName: 'Marchbank',
    email: 'odile.marchbank@example.org',
    password: 'four saucers by the stove',
    account: 'teacher',
  },
  {
    key: 'wilma',
    givenName: 'Wilma',
    familyName: 'Harcourt',
    email: 'wilma.harcourt@example.org',
    password: 'six spoons in the drawer',
    account: 'administrator',
  },
  {
    key: 'nia',
    givenName: 'Nia',
    familyName: 'Corrigan',
    email: 'nia.corrigan@example.org',
    password: 'two umbrellas by the gate',
    account: 'teacher',
  },
  {
    key: 'rosa',
    givenName: 'Rosa',
    familyName: 'Castell',
    email: 'rosa.castell@example.org',
    password: 'three shells in the bowl',
    account: 'teacher',
  },
];

const PEN_NAMES: Readonly<Record<string, string>> = {
  Anouk: 'Tern',
  Aron: 'Low Tide',
  Casimir: 'Ballast',
  Elke: 'Mizzen',
  Faro: 'Limpet',
  Ilse: 'Kelp',
  Lior: 'Gannet',
  Petra: 'Nightheron',
  Tomas: 'Lee Shore',
};
const NOT_IN_YET = { noCard: ['Wim'], notUsed: ['Yara'] };
const PARENTS = ['Rosa', 'Emil', 'Ottilie', 'Joram', 'Hester', 'Alban'];
const RELATIONS = ['mother', 'father', 'guardian'] as const;
const GROUPS = ['Harbour', 'Hill', 'Bridge'];

const NAMES = [
  ['Anouk', 'Orrin'],
  ['Aron', 'Wexel'],
  ['Bea', 'Lindmoor'],
  ['Casimir', 'Torrey'],
  ['Dara', 'Quillan'],
  ['Elke', 'Dunmoor'],
  ['Faro', 'Nettlewick'],
  ['Greta', 'Sollen'],
  ['Hamza', 'Brill'],
  ['Ilse', 'Varrow'],
  ['Juno', 'Pellam'],
  ['Kofi', 'Ashgrove'],
  ['Lior', 'Maddern'],
  ['Mara', 'Fennick'],
  ['Milo', 'Harrowby'],
  ['Nadia', 'Estermont'],
  ['Oona', 'Galloway-Reed'],
  ['Petra', 'Vintner'],
  ['Rafi', 'Kestrel'],
  ['Senna', 'Dovecote'],
  ['Tomas', 'Brackley'],
  ['Uma', 'Thackery'],
  ['Wim', 'Jagger-Stone'],
  ['Yara', 'Coldwell'],
] as const;

export const STUDENTS: readonly DemoStudent[] = NAMES.map(([givenName, familyName], index) => ({
  key: givenName.toLowerCase(),
  givenName,
  familyName,
  passcode: [index * 5, index * 7 + 3, index + Math.floor(index / 12) + 6]
    .map((at) => PICTURE_WORDS[at % PICTURE_WORDS.length])
    .join(' '),
  penName: PEN_NAMES[givenName] ?? null,
  group: GROUPS[index % GROUPS.length] ?? null,
  seenDaysAgo: [...NOT_IN_YET.noCard, ...NOT_IN_YET.notUsed].includes(givenName) ? null : (index * 5) % 9,
  hasCard: !NOT_IN_YET.noCard.includes(givenName),
  consent: [...NOT_IN_YET.noCard, ...NOT_IN_YET.notUsed].includes(givenName)
    ? null
    : {
        givenBy: `${PARENTS[index % PARENTS.length] ?? ''} ${familyName}`,
        relation: RELATIONS[index % RELATIONS.length] ?? 'guardian',
        purposes:
          givenName === 'Petra' ? ['penName'] : index % 4 === 0 ? ['firstName'] : ['firstName', 'pictures'],
      },
}));

/** A second, smaller class shows that classes are apart. */
export const OTHER_STUDENTS: readonly DemoStudent[] = ['Pim Larkhill', 'Sol Undercliff', 'Vera Moss'].map(
  (name, index) => {
    const [givenName = '', familyName = ''] = name.split(' ');
    return {
      key: `other-${givenName.toLowerCase()}`,
      givenName,
      familyName,
      passcode: [0, 2, 5].map((step) => PICTURE_WORDS[(index * 7 + step) % PICTURE_WORDS.length]).join(' '),
      penName: null,
      group: null,
      seenDaysAgo: index,
      hasCard: true,
      consent: null,
    };
  },
);
