import { comparableEmail } from '../people/emailAddress';
import { alike } from '../text/alike';
import type { RosterRecord } from './rosterRecord';

/** A person of the class that a list is read into. */
export interface ClassMember {
  readonly personId: string;
  readonly givenName: string;
  readonly familyName: string;
  /** The school's own identifier, and the address: who has another of either is somebody else. */
  readonly schoolId?: string | null;
  readonly email?: string | null;
  /** Whether it is another class of the same teacher that they are in. */
  readonly elsewhere?: boolean;
}

interface NameMatch<Member extends ClassMember> {
  readonly record: RosterRecord;
  readonly member: Member;
  /** `same` where the names leave no doubt; `perhaps` where one of them has but an initial: a teacher decides. */
  readonly how: 'same' | 'perhaps';
}

export interface NameMatches<Member extends ClassMember> {
  readonly fresh: readonly RosterRecord[];
  readonly matches: readonly NameMatch<Member>[];
}

/**
 * Finds records among the people of a class by name, so that pasting the same list again changes nothing; those with an
 * identifier or address of their own, and people of other classes, only for a teacher to decide. Each member is taken once: two children of the same name stay two. Who is there by the whole name is found
 * first, wherever it stands in the list: an initial never takes somebody away from it.
 */
export function matchNames<Member extends ClassMember>(
  records: readonly RosterRecord[],
  members: readonly Member[],
): NameMatches<Member> {
  const free = indexed(members);
  const found = new Map<RosterRecord, NameMatch<Member>>();
  for (const match of [sureMatch, unsureMatch])
    for (const record of records) {
      const one = found.has(record) ? null : match(record, free);
      if (!one) continue;
      found.set(record, one);
      free.taken.add(one.member);
    }
  return {
    fresh: records.filter((record) => !found.has(record)),
    matches: records.flatMap((record) => found.get(record) ?? []),
  };
}

/** Members by the names that are asked for, so that a list of thousands is matched in one pass. */
interface Free<Member> {
  readonly byName: ReadonlyMap<string, readonly Member[]>;
  readonly byGivenName: ReadonlyMap<string, readonly Member[]>;
  readonly taken: Set<Member>;
}

function indexed<Member extends ClassMember>(members: readonly Member[]): Free<Member> {
  const [byName, byGivenName] = [new Map<string, Member[]>(), new Map<string, Member[]>()];
  const add = (map: Map<string, Member[]>, key: string, member: Member) => {
    const list = map.get(key);
    if (list) list.push(member);
    else map.set(key, [member]);
  };
  for (const member of members) {
    add(byName, alike(`${member.givenName} ${member.familyName}`), member);
    add(byGivenName, alike(member.givenName), member);
  }
  return { byName, byGivenName, taken: new Set() };
}

function sureMatch<Member extends ClassMember>(
  record: RosterRecord,
  { byName, taken }: Free<Member>,
): NameMatch<Member> | null {
  const candidates = (byName.get(alike(record.name)) ?? []).filter(
    (one) => !taken.has(one) && mayBeThem(record, one),
  );
  // Who is in the class goes before who is in another.
  const member = candidates.find((one) => !one.elsewhere) ?? candidates[0];
  if (!member) return null;
  return { record, member, how: isBare(record) && !member.elsewhere ? 'same' : 'perhaps' };
}

function unsureMatch<Member extends ClassMember>(
  record: RosterRecord,
  { byGivenName, taken }: Free<Member>,
): NameMatch<Member> | null {
  const unsure = (byGivenName.get(alike(record.givenName ?? '')) ?? []).filter(
    (member) =>
      !taken.has(member) &&
      !member.elsewhere &&
      mayBeThem(record, member) &&
      mayBe(record.familyName ?? '', member.familyName),
  );
  const [first] = unsure;
  if (!first) return null;
  // An initial is enough where it can mean only one: that is how the class's own lists are written.
  const how = unsure.length === 1 && isInitial(record.familyName) && isBare(record) ? 'same' : 'perhaps';
  return { record, member: first, how };
}

/** Whether two family names may be one, of which at least one is no more than its initial. */
function mayBe(theirs: string, ours: string): boolean {
  if (!isInitial(theirs) && !isInitial(ours)) return false;
  return theirs === '' || ours === '' || alike(theirs).charAt(0) === alike(ours).charAt(0);
}

/** Whether a family name is only its first letter, or not there. */
function isInitial(familyName: string | null): boolean {
  return /^(?:\p{L}\p{M}*\.?)?$/u.test(familyName ?? '');
}

/** Whether a record says nothing of who it is but the name. */
function isBare({ id, email }: RosterRecord): boolean {
  return id === null && email === null;
}

/** Whether nothing but the name speaks against a record and a person being one. */
function mayBeThem({ id, email }: RosterRecord, member: ClassMember): boolean {
  const other = (theirs: string | null, ours: string | null | undefined) =>
    theirs !== null && ours !== null && ours !== undefined && theirs !== ours;
  return (
    !other(id, member.schoolId) &&
    !other(email && comparableEmail(email), member.email ? comparableEmail(member.email) : member.email)
  );
}
