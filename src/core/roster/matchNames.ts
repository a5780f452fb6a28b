import { alike } from '../text/alike';
import type { RosterRecord } from './rosterRecord';

/** A person of the class that a list is read into. */
export interface ClassMember {
  readonly personId: string;
  readonly givenName: string;
  readonly familyName: string;
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
 * Finds records without identifier and address among the people of a class by name, so that pasting the same list again
 * changes nothing. Each member is taken once: two children of the same name stay two. Who is there by the whole name is found
 * first, wherever it stands in the list: an initial never takes somebody away from it.
 */
export function matchNames<Member extends ClassMember>(
  records: readonly RosterRecord[],
  members: readonly Member[],
): NameMatches<Member> {
  const free = indexed(members);
  const found = new Map<RosterRecord, NameMatch<Member>>();
  const bare = records.filter(({ id, email }) => id === null && email === null);
  for (const match of [sureMatch, unsureMatch])
    for (const record of bare) {
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
  const member = byName.get(alike(record.name))?.find((one) => !taken.has(one));
  return member ? { record, member, how: 'same' } : null;
}

function unsureMatch<Member extends ClassMember>(
  record: RosterRecord,
  { byGivenName, taken }: Free<Member>,
): NameMatch<Member> | null {
  const unsure = (byGivenName.get(alike(record.givenName ?? '')) ?? []).filter(
    (member) => !taken.has(member) && mayBe(record.familyName ?? '', member.familyName),
  );
  const [first] = unsure;
  if (!first) return null;
  // An initial is enough where it can mean only one: that is how the class's own lists are written.
  const how = unsure.length === 1 && isInitial(record.familyName) ? 'same' : 'perhaps';
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
