import { placeOf } from '../../../core/languages/languages';
import { isStudent, may } from '../../../core/access/may';
import type { Action } from '../../../core/access/table';
import { FIRST_LOOK } from '../../../core/looks/looks';
import { NAMING_RULES, nameOutside, type NamingRule } from '../../../core/people/names';
import { dateInWords } from '../../../core/timing/inWords';
import { findSchoolSpan } from '../../tables/schoolRules';
import { database } from '../../ground/database/database';
import { findPassphraseSince } from '../../tables/passphrases';
import { listOpenableAgain } from '../../deeds/publications/openAgain';
import type { Desk } from '../../deeds/sessions/desk';
import { isArchivedAtRest } from '../../tables/classes';
import { listMembers } from '../../tables/memberships';

/** Languages that a class can have; the interface and the dates follow it. */
const LANGUAGES = [
  'en-GB',
  'en-IE',
  'en-US',
  'de',
  'de-AT',
  'de-CH',
  'fr',
  'fr-CH',
  'es',
  'it',
  'nl',
  'pl',
  'pt',
];

/** What the access table is asked about each of the pages about a class. */
const NEEDS = {
  whereWeAre: 'class.teach',
  roster: 'roster.read',
  cards: 'roster.read',
  invitations: 'roster.read',
  roles: 'roster.read',
  settings: 'class.change',
  look: 'class.change',
  labels: 'class.change',
  comments: 'class.teach',
  pictures: 'class.teach',
  ending: 'class.guard',
  privacy: 'class.guard',
  openings: 'class.teach',
  log: 'class.readLog',
} as const satisfies Readonly<Record<string, Action>>;

/** What the frame of every page about a class shows; null for everybody but its teachers. */
export async function maybeClassFrame({ personId, role, inClass }: Desk) {
  const actor = { personId, role };
  if (!may(actor, 'class.change', {})) return null;
  const guards = may(actor, 'class.guard', {});
  const students = (await listMembers(database, inClass.id)).filter((member) => isStudent(member.role));
  return {
    classId: inClass.id,
    code: inClass.code,
    resting: inClass.restedAt !== null,
    /** The pages that are there for whoever looks. */
    pages: Object.keys(NEEDS).filter((page) => may(actor, NEEDS[page as keyof typeof NEEDS], {})),
    /** Whether they may give the class another code. */
    guards,
    steps:
      inClass.settledAt || !guards
        ? null
        : ([
            { step: 'names', done: inClass.subtitle !== '' || inClass.schoolName !== '' },
            { step: 'year', done: inClass.year.terms.length > 0 },
            {
              step: 'look',
              done:
                inClass.look !== FIRST_LOOK.look ||
                inClass.banner !== FIRST_LOOK.banner ||
                inClass.lettering !== FIRST_LOOK.lettering,
            },
            { step: 'privacy', done: inClass.ceiling !== 'ourClass' || inClass.namingRule !== 'firstName' },
            { step: 'students', done: students.length > 0 },
          ] as const),
  };
}

/** What can be settled about a class; null for everybody but its teachers. */
export async function maybeClassSettings({ personId, role, inClass, place }: Desk) {
  if (!may({ personId, role }, 'class.change', {})) return null;
  const { title, groupName, subtitle, schoolName, timeZone, language } = inClass;
  const named = new Intl.DisplayNames([place.language], { type: 'language' });
  return {
    classId: inClass.id,
    names: { title, groupName, subtitle, schoolName },
    address: inClass.address,
    place: { timeZone, language },
    year: inClass.year,
    words: inClass.words,
    desk: inClass.desk,
    away: inClass.away,
    schoolSpan: await findSchoolSpan(database),
    languages: [...new Set([language, ...LANGUAGES])].map((tag) => ({ tag, name: named.of(tag) ?? tag })),
    timeZones: Intl.supportedValuesOf('timeZone'),
  };
}

/** What can be done with a class whose year is over; null for everybody but its teachers. */
export function maybeClassEnding({ personId, role, inClass }: Desk) {
  if (!may({ personId, role }, 'class.guard', {})) return null;
  const { title, groupName, subtitle, schoolName } = inClass;
  return {
    classId: inClass.id,
    names: { title, groupName, subtitle, schoolName },
    resting: inClass.restedAt !== null,
    runsIt: may({ personId, role }, 'class.delete', {}),
    archived: isArchivedAtRest(inClass),
  };
}

/** Who may read what a class writes; null for everybody but its teachers. */
export async function maybePrivacy({ personId, role, inClass, now, place }: Desk) {
  if (!may({ personId, role }, 'class.guard', {})) return null;
  const openable = await listOpenableAgain(database, inClass, { now });
  const since = await findPassphraseSince(database, inClass.id);
  const student = (await listMembers(database, inClass.id)).find(
    (member) => isStudent(member.role) && member.penName !== null,
  );
  const example = student ?? { givenName: 'Ines', familyName: 'Marlow', penName: 'Tern' };
  return {
    classId: inClass.id,
    address: inClass.address,
    ceiling: inClass.ceiling,
    namingRule: inClass.namingRule,
    searchEngines: inClass.searchEngines,
    editorsRead: inClass.editorsRead,
    consentNeeded: inClass.consentNeeded,
    originSaid: inClass.originSince !== null,
    originSince:
      inClass.originSince && dateInWords(inClass.originSince.getTime(), place.timeZone, place.language),
    passphraseSince: since && dateInWords(since.getTime(), place.timeZone, place.language),
    openable: openable.map(({ publication: _, ...one }) => one),
    examples: Object.fromEntries(NAMING_RULES.map((rule) => [rule, nameOutside(example, rule)])) as Record<
      NamingRule,
      string
    >,
  };
}

/** How a class blog looks and could look; null for everybody but its teachers. */
export function maybeLook({ personId, role, inClass, now }: Desk) {
  if (!may({ personId, role }, 'class.change', {})) return null;
  const { id, title, subtitle, schoolName, groupName, address, look, banner, lettering } = inClass;
  // As the blog says it, whoever looks at it here.
  const { timeZone, language } = placeOf(inClass);
  return {
    classId: id,
    blog: { title, subtitle, schoolName, groupName, address, look, banner, lettering },
    today: dateInWords(now.getTime(), timeZone, language),
  };
}
