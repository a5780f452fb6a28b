import { randomInt } from 'node:crypto';
import { makeClass as deed } from '../../../contract/classes/makeClass';
import { suggestAddresses } from '../../../core/classes/classAddress';
import { newClassCode } from '../../../core/people/passcode';
import { done, NOTHING, serve, type Context } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { listClassAddressesLike } from '../../tables/classAddresses';
import { insertClass, isCodeTaken } from '../../tables/classes';
import { insertMembership } from '../../tables/memberships';
import { placeProblem } from './settings';

interface Input {
  readonly title: string;
  readonly groupName: string;
  readonly timeZone: string;
  readonly language: string;
}

export const makeClass = serve(deed, NOTHING, {
  async run(input, _, context) {
    const problem = placeProblem(input);
    if (problem) return problem;
    const title = input.title.trim();
    const classId = await insertOwnClass(context, {
      ...input,
      title,
      subtitle: '',
      schoolName: '',
    });
    return done({ classId });
  },
});

interface Wanted extends Input {
  readonly subtitle: string;
  readonly schoolName: string;
}

/** Makes a class with a free address and code, and its teacher's place in it; its id. */
export async function insertOwnClass(
  { database, personId, now }: Context & { readonly personId: string },
  wanted: Wanted,
): Promise<string> {
  const id = newId();
  const year = now.getUTCFullYear();
  const [stem = 'class'] = suggestAddresses({ ...wanted, year }, new Set());
  const taken = new Set((await listClassAddressesLike(database, stem)).keys());
  const [address = stem] = suggestAddresses({ ...wanted, year }, taken);
  await insertClass(database, {
    id,
    ...wanted,
    address,
    code: await freeCode(database),
    ceiling: 'ourClass',
    namingRule: 'firstName',
    passcodeKind: 'pictures',
    namesTyped: false,
    consentNeeded: true,
    settledAt: null,
    createdAt: now,
  });
  await insertMembership(database, { classId: id, personId, role: 'teacher', joinedAt: now });
  return id;
}

/** A class code that no class has. */
export async function freeCode(database: Database): Promise<string> {
  for (;;) {
    const code = newClassCode(randomInt);
    if (!(await isCodeTaken(database, code))) return code;
  }
}
