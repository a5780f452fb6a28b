import { arrangePile as door } from '../../../contract/doors/arrangePile';
import type { InputOf } from '../../../contract/input';
import { inputCheckOf } from '../../ground/access/checkInput';
import { done, type Result } from '../../ground/access/useCase';
import { database } from '../../ground/database/database';
import { upsertPileOrder } from '../../tables/pileOrders';

const check = inputCheckOf<InputOf<typeof door>>(door.input);

/** Notes how somebody wants their reading pile, on every device. */
export async function arrangePile(
  input: unknown,
  { personId }: { readonly personId: string },
): Promise<Result<null>> {
  const checked = check(input);
  if (!checked.ok) return checked;
  await upsertPileOrder(database, personId, checked.value);
  return done(null);
}
