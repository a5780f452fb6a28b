import { agoInWords } from '../../../core/timing/inWords';
import { database } from '../../ground/database/database';
import { listSessions } from '../../tables/sessions';
import { tokenHash } from '../../ground/secrets/secrets';

/** Where somebody is signed in, in words, the present device first. */
export async function listOwnSessions({
  personId,
  token,
  timeZone,
  language,
  now,
}: {
  readonly personId: string;
  readonly token: string;
  readonly timeZone: string;
  readonly language: string;
  readonly now: Date;
}) {
  const rows = await listSessions(database, { personId, tokenHash: tokenHash(token), now });
  const ago = (at: Date) => agoInWords(at.getTime(), now.getTime(), timeZone, language);
  return rows
    .map((row) => ({
      id: row.id,
      device: row.device,
      since: ago(row.createdAt),
      used: ago(row.usedAt),
      isThis: row.isThis === 1,
    }))
    .sort((a, b) => Number(b.isThis) - Number(a.isThis));
}
