import { spokenTag } from '@/core/languages/languages';
import { ChangePassword } from '@/components/account/ChangePassword';
import { ChooseLanguage } from '@/components/account/ChooseLanguage';
import { ChooseMail } from '@/components/account/ChooseMail';
import { OwnSessions } from '@/components/account/OwnSessions';
import { LeftWriting } from '@/components/today/LeftWriting';
import { database } from '@/server/ground/database/database';
import { requireSession } from '@/server/http/desk';
import { currentToken } from '@/server/http/request';
import { findMailChoice } from '@/server/tables/mailNotices';
import { listLeftWriting } from '@/server/views/writing/viewLeft';
import { listOwnSessions } from '@/server/views/account/listOwnSessions';

export default async function AccountPage() {
  const { person, classes, chosen, language } = await requireSession();
  const inClass = classes.find((one) => one.id === chosen);
  const sessions = await listOwnSessions({
    personId: person.id,
    token: (await currentToken()) ?? '',
    timeZone: inClass?.timeZone ?? 'UTC',
    language: spokenTag(language, inClass?.language ?? null),
    now: new Date(),
  });
  return (
    <OwnSessions
      name={`${person.givenName} ${person.familyName}`.trim()}
      email={person.email}
      sessions={sessions}
    >
      <ChooseLanguage chosen={person.language} />
      {person.email === null ? null : <ChooseMail choice={await findMailChoice(database, person.id)} />}
      {person.hasPassword ? <ChangePassword /> : null}
      <LeftWriting posts={await listLeftWriting(person.id, language)} />
    </OwnSessions>
  );
}
