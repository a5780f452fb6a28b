import { comparableEmail, isEmailAddress } from '../people/emailAddress';
import { isName } from '../people/readName';
import { alike } from '../text/alike';
import { characterCount } from '../text/graphemes';
import type { RosterRecord, RosterRemark } from './rosterRecord';

/** A person who is there already. `id` is the school's own identifier. */
export interface ExistingPerson {
  readonly id: string | null;
  readonly email: string | null;
  readonly name: string;
}

interface RosterMatch<Person extends ExistingPerson = ExistingPerson> {
  readonly row: number;
  readonly name: string;
  readonly by: 'id' | 'email';
  readonly person: Person;
}

/** What an import would do: every record that is not blank is in exactly one of made, matched and refused. */
export interface RosterPlan<Person extends ExistingPerson = ExistingPerson> {
  /** How many records there are. */
  readonly rows: number;
  readonly made: readonly RosterRecord[];
  readonly matched: readonly RosterMatch<Person>[];
  readonly refused: readonly RosterRemark[];
  readonly warnings: readonly RosterRemark[];
}

const LONGEST_NAME = 120;
/** In code points: more than any person's other particulars need, and what the database keeps. */
const LONGEST_FIELD = { name: 400, id: 100, group: 60, penName: 80 } as const;

/**
 * Plans an import without doing anything. A person is matched by the school's identifier, else by e-mail; a name alone
 * never says that two people are one. The same records against the people whom they made match every one of them.
 */
export function planRoster<Person extends ExistingPerson>(
  records: readonly RosterRecord[],
  existing: readonly Person[],
): RosterPlan<Person> {
  const known = indexed(existing);
  const seen: Seen = { ids: new Set(), emails: new Set(), names: new Set(), people: new Set() };
  const made: RosterRecord[] = [];
  const matched: RosterMatch<Person>[] = [];
  const refused: RosterRemark[] = [];
  const warnings: RosterRemark[] = [];
  for (const record of records) {
    const { row } = record;
    const refusal = refusalOf(record, seen);
    remember(record, seen);
    if (refusal) {
      refused.push({ row, ...refusal });
      continue;
    }
    const name = alike(record.name);
    if (seen.names.has(name)) warnings.push({ row, field: 'name', reason: 'nameTwice' });
    seen.names.add(name);
    const match = matchOf(record, known);
    if (!match) {
      made.push(record);
      continue;
    }
    matched.push({ row, name: record.name, by: match.by, person: match.person });
    const remark = matchRemark(record, match.person, seen.people, known);
    if (remark) warnings.push({ row, ...remark });
    seen.people.add(match.person);
  }
  return { rows: records.length, made, matched, refused, warnings };
}

interface Seen {
  readonly ids: Set<string>;
  readonly emails: Set<string>;
  readonly names: Set<string>;
  readonly people: Set<ExistingPerson>;
}

type Remark = Omit<RosterRemark, 'row'>;

/** Why a record is refused, the first reason, or null. */
function refusalOf(record: RosterRecord, seen: Seen): Remark | null {
  if (!isName(record.name)) return { field: 'name', reason: 'noName' };
  if (characterCount(record.name) > LONGEST_NAME || codePoints(record.name) > LONGEST_FIELD.name)
    return { field: 'name', reason: 'nameTooLong' };
  for (const field of ['id', 'group', 'penName'] as const)
    if (codePoints(record[field] ?? '') > LONGEST_FIELD[field]) return { field, reason: 'fieldTooLong' };
  if (record.email !== null && !isEmailAddress(record.email))
    return { field: 'email', reason: 'notAnAddress' };
  if (record.id !== null && seen.ids.has(record.id)) return { field: 'id', reason: 'standsEarlier' };
  if (record.email !== null && seen.emails.has(comparableEmail(record.email)))
    return { field: 'email', reason: 'standsEarlier' };
  return null;
}

function remember({ id, email }: RosterRecord, seen: Seen): void {
  if (id !== null) seen.ids.add(id);
  if (email !== null) seen.emails.add(comparableEmail(email));
}

interface Known<Person> {
  readonly byId: ReadonlyMap<string, Person>;
  readonly byEmail: ReadonlyMap<string, Person>;
}

function indexed<Person extends ExistingPerson>(existing: readonly Person[]): Known<Person> {
  const byId = new Map<string, Person>();
  const byEmail = new Map<string, Person>();
  for (const person of existing) {
    if (person.id !== null && !byId.has(person.id)) byId.set(person.id, person);
    const email = person.email === null ? null : comparableEmail(person.email);
    if (email !== null && !byEmail.has(email)) byEmail.set(email, person);
  }
  return { byId, byEmail };
}

function matchOf<Person>(
  { id, email }: RosterRecord,
  known: Known<Person>,
): { readonly by: 'id' | 'email'; readonly person: Person } | null {
  const byId = id === null ? undefined : known.byId.get(id);
  if (byId) return { by: 'id', person: byId };
  const byEmail = email === null ? undefined : known.byEmail.get(comparableEmail(email));
  return byEmail ? { by: 'email', person: byEmail } : null;
}

/** What a teacher should look at although the record was matched. */
function matchRemark<Person extends ExistingPerson>(
  { id, email }: RosterRecord,
  person: Person,
  people: ReadonlySet<ExistingPerson>,
  { byEmail }: Known<Person>,
): Remark | null {
  if (people.has(person)) return { field: id === null ? 'email' : 'id', reason: 'samePersonTwice' };
  const other = email === null ? undefined : byEmail.get(comparableEmail(email));
  if (other && other !== person) return { field: 'email', reason: 'differentPerson' };
  if (id !== null && person.id !== null && person.id !== id)
    return { field: 'id', reason: 'differentPerson' };
  return null;
}

function codePoints(text: string): number {
  return Array.from(text).length;
}
