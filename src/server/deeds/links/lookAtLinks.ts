import { lookAtLinks as door } from '../../../contract/doors/lookAtLinks';
import type { InputOf } from '../../../contract/input';
import { maybeWebAddress } from '../../../core/document/links';
import type { OpenResult } from '../../../core/requirements/post';
import { done, NOT_THERE, type Result } from '../../ground/access/useCase';
import { inputCheckOf } from '../../ground/access/checkInput';
import { findClassToWriteIn } from '../subjects/findClassToWriteIn';
import { lookAt } from './lookAt';

const check = inputCheckOf<InputOf<typeof door>>(door.input);

/**
 * Looks for a writer whether the addresses in what they write open for a stranger. It waits for other people's servers,
 * so it stands outside any transaction.
 */
export async function lookAtLinks(
  input: unknown,
  { personId, now }: { readonly personId: string | null; readonly now: Date },
): Promise<Result<{ readonly results: Readonly<Record<string, OpenResult>> }>> {
  const checked = check(input);
  if (!checked.ok) return checked;
  const { writingId, addresses } = checked.value;
  if (personId === null || !(await findClassToWriteIn(writingId, { personId, now }))) return NOT_THERE;
  const web = [...new Set(addresses.map(maybeWebAddress).filter((address) => address !== null))];
  return done({ results: await lookAt(web, { askedBy: personId, now }) });
}
