import { send, type Outcome } from '../../basics/call';

interface CopiedPicture {
  readonly pictureId: string;
  readonly perceptualHash: string;
}

/** Has the server copy a picture from a web address into the class. */
export function copyFromAddress(classId: string, address: string): Promise<Outcome<CopiedPicture>> {
  return send<CopiedPicture>('/api/pictures/from', 'POST', JSON.stringify({ classId, address }));
}
