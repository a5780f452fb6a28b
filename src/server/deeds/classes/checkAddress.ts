import { checkAddress as deed, type AddressChecked } from '../../../contract/classes/checkAddress';
import { addressProblem, suggestAddresses } from '../../../core/classes/classAddress';
import { done } from '../../ground/access/useCase';
import type { Database } from '../../ground/database/database';
import { listClassAddressesLike } from '../../tables/classAddresses';
import { type ClassRow } from '../../tables/classes';
import { classUseCase } from '../subjects/classUseCase';

export const checkAddress = classUseCase(deed, {
  run: async ({ address }, inClass, { database, now }) =>
    done(await examineAddress(database, address, inClass, now)),
});

/** What stands against an address for a class; an earlier one of its own is free for it. */
export async function examineAddress(
  database: Database,
  address: string,
  inClass: ClassRow,
  now: Date,
): Promise<AddressChecked> {
  const form = addressProblem(address);
  const wished = {
    title: form ? inClass.title : address,
    groupName: inClass.groupName,
    year: now.getUTCFullYear(),
  };
  const [stem = address] = suggestAddresses(wished, new Set());
  const taken = new Set(
    [...(await listClassAddressesLike(database, stem))]
      .filter(([, classId]) => classId !== inClass.id)
      .map(([one]) => one),
  );
  const problem = form ?? (taken.has(address) ? 'taken' : null);
  return { problem, suggestions: problem ? suggestAddresses(wished, taken) : [] };
}
