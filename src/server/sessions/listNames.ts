import { isStudent } from '../../core/access/may';
import { nameInClass } from '../../core/people/names';
import { comparableCode, type PasscodeKind } from '../../core/people/passcode';
import { findClassByCode, listMembers } from '../classes/queries';
import { database } from '../database/database';
import { newId } from '../database/newId';
import { done, refused, type Result } from '../access/useCase';
import { checkOf } from '../input/validate';
import { countFailures, insertFailure } from './queries';

const WINDOW = 15 * 60_000;
const MOST_WRONG_CODES = 200;

export interface NamesOfClass {
  readonly title: string;
  readonly groupName: string;
  /** True where names are typed: then none are told, and cards carry what the class chose. */
  readonly typed: boolean;
  readonly kind: PasscodeKind;
  readonly names: readonly { readonly id: string; readonly name: string; readonly kind: PasscodeKind }[];
}

const check = checkOf<{ readonly code: string }>({
  type: 'object',
  required: ['code'],
  additionalProperties: false,
  properties: { code: { type: 'string', minLength: 1, maxLength: 40 } },
});

/** The first names and initials of a class, for whoever knows its code. */
export async function listNames(
  input: unknown,
  from: { readonly address: string; readonly now: Date },
): Promise<Result<NamesOfClass>> {
  const checked = check(input);
  if (!checked.ok) return refused('signIn.noCode', 'code');
  const since = new Date(from.now.getTime() - WINDOW);
  const failures = await countFailures(database, {
    account: '',
    address: `code ${from.address}`.slice(0, 45),
    since,
  });
  if (failures.address >= MOST_WRONG_CODES) return refused('signIn.tooMany', 'code');
  const found = await findClassByCode(database, comparableCode(checked.value.code));
  if (!found) {
    await insertFailure(database, {
      id: newId(),
      account: 'class code',
      address: `code ${from.address}`.slice(0, 45),
      at: from.now,
    });
    return refused('signIn.noClass', 'code');
  }
  const students = (await listMembers(database, found.id)).filter((member) => isStudent(member.role));
  return done({
    title: found.title,
    groupName: found.groupName,
    typed: found.namesTyped,
    kind: found.passcodeKind,
    names: found.namesTyped
      ? []
      : students.map((student) => ({
          id: student.personId,
          name: nameInClass(student),
          kind: student.passcodeKind ?? found.passcodeKind,
        })),
  });
}
