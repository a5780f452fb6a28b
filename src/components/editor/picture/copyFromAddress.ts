import { copyPicture } from '../../../contract/doors/copyPicture';
import type { OutputOf } from '../../../contract/input';
import { ask, type Outcome } from '../../basics/call';

/** Has the server copy a picture from a web address into the class. */
export function copyFromAddress(
  classId: string,
  address: string,
): Promise<Outcome<OutputOf<typeof copyPicture>>> {
  return ask(copyPicture, { classId, address });
}
