import { listNames as door, type NamesOfClass } from '../../../contract/doors/listNames';
import type { InputOf } from '../../../contract/input';
import { isStudent } from '../../../core/access/may';
import { comparableCode } from '../../../core/people/passcode';
import { findClassByCode } from '../../tables/classes';
import { listMembers } from '../../tables/memberships';
import { database } from '../../ground/database/database';
import { done, refused, type Result } from '../../ground/access/useCase';
import { checkOf } from '../../ground/input/validate';
import { takeTurn, type Rest } from '../../ground/limits/takeTry';
import { nameHandle } from './nameHandle';

const check = checkOf<InputOf<typeof door>>(door.input);

/** The first names and initials of a class, for whoever knows its code. */
export async function listNames(
  input: unknown,
  from: { readonly address: string; readonly now: Date; readonly wait?: Rest },
): Promise<Result<NamesOfClass>> {
  const checked = check(input);
  if (!checked.ok) return refused('signIn.noCode', 'code');
  const taken = await takeTurn('classCode', { ...from, subject: from.address });
  if (!taken.allowed) return refused('signIn.slowly', 'code');
  const found = await findClassByCode(database, comparableCode(checked.value.code));
  if (!found) return refused('signIn.noClass', 'code');
  await taken.giveBack();
  const students = (await listMembers(database, found.id)).filter((member) => isStudent(member.role));
  return done({
    title: found.title,
    groupName: found.groupName,
    typed: found.namesTyped,
    kind: found.passcodeKind,
    names: found.namesTyped
      ? []
      : students.map((student) => ({
          who: nameHandle(found.id, student.personId),
          name: student.shownName,
          kind: student.passcodeKind ?? found.passcodeKind,
        })),
  });
}
