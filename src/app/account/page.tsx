import { OwnSessions } from '@/components/account/OwnSessions';
import { requireSession } from '@/server/http/desk';
import { currentToken } from '@/server/http/request';
import { listOwnSessions } from '@/server/sessions/listOwnSessions';

export default async function AccountPage() {
  const { person, inClass } = await requireSession();
  const sessions = await listOwnSessions({
    personId: person.id,
    token: (await currentToken()) ?? '',
    timeZone: inClass?.timeZone ?? 'UTC',
    language: inClass?.language ?? 'en-GB',
    now: new Date(),
  });
  return (
    <OwnSessions
      name={`${person.givenName} ${person.familyName}`.trim()}
      email={person.email}
      sessions={sessions}
    />
  );
}
