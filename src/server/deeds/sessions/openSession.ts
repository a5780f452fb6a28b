import type { Database } from '../../ground/database/database';
import { newId } from '../../ground/database/newId';
import { updateLastSeen } from '../../tables/people';
import { insertSession } from '../../tables/sessions';
import { newToken, tokenHash } from '../../ground/secrets/secrets';

/** A session as the browser gets it. */
export interface OpenedSession {
  readonly token: string;
  readonly expiresAt: Date;
}

/** Opens a session for somebody who has shown who they are. @param idle how long it lives without use, in milliseconds */
export async function openSession(
  database: Database,
  {
    personId,
    classId,
    device,
    idle,
    now,
  }: {
    readonly personId: string;
    readonly classId: string | null;
    readonly device: string;
    readonly idle: number;
    readonly now: Date;
  },
): Promise<OpenedSession> {
  const token = newToken();
  const expiresAt = new Date(now.getTime() + idle);
  await insertSession(database, {
    id: newId(),
    tokenHash: tokenHash(token),
    personId,
    classId,
    device,
    idle,
    now,
    expiresAt,
  });
  await updateLastSeen(database, personId, now);
  return { token, expiresAt };
}
