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
 * changes nothing. Each member is taken once: two children of the same name stay two.
 */
export function matchNames<Member extends ClassMember>(
  records: readonly RosterRecord[],
  members: readonly Member[],
): NameMatches<Member> {
  const free = new Set(members);
  const fresh: RosterRecord[] = [];
  const matches: NameMatch<Member>[] = [];
  for (const record of records) {
    const match = record.id === null && record.email === null ? matchOf(record, free) : null;
    if (!match) {
      fresh.push(record);
      continue;
    }
    matches.push(match);
    free.delete(match.member);
  }
  return { fresh, matches };
}

function matchOf<Member extends ClassMember>(
  record: RosterRecord,
  free: ReadonlySet<Member>,
): NameMatch<Member> | null {
  const found = [...free].map((member) => ({ member, how: compare(record, member) }));
  const sure = found.filter(({ how }) => how === 'same');
  const unsure = found.filter(({ how }) => how === 'perhaps');
  if (sure[0]) return { record, member: sure[0].member, how: 'same' };
  // An initial is enough where it can mean only one: that is how the class's own lists are written.
  const [first] = unsure;
  if (!first) return null;
  return {
    record,
    member: first.member,
    how: unsure.length === 1 && isInitial(record.familyName) ? 'same' : 'perhaps',
  };
}

function compare(record: RosterRecord, member: ClassMember): 'same' | 'perhaps' | null {
  if (alike(record.name) === alike(`${member.givenName} ${member.familyName}`)) return 'same';
  if (alike(record.givenName ?? '') !== alike(member.givenName)) return null;
  const [theirs, ours] = [record.familyName ?? '', member.familyName];
  if (!isInitial(theirs) && !isInitial(ours)) return null;
  return theirs === '' || ours === '' || alike(theirs).charAt(0) === alike(ours).charAt(0) ? 'perhaps' : null;
}

/** Whether a family name is only its first letter, or not there. */
function isInitial(familyName: string | null): boolean {
  return /^(?:\p{L}\p{M}*\.?)?$/u.test(familyName ?? '');
}
