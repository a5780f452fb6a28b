import { notFound } from 'next/navigation';
import { Install } from '@/components/administration/Install';
import { maybeInstall } from '@/server/views/administration/viewInstall';
import { shownInClass } from '@/server/deeds/sessions/desk';
import { requireSession } from '@/server/http/desk';

export default async function AdministrationPage() {
  const { person, classes, language } = await requireSession();
  const install = await maybeInstall({
    personId: person.id,
    account: person.account,
    language,
    now: new Date(),
  });
  if (!install) notFound();
  const menu = {
    id: person.id,
    ...shownInClass({ ...person, role: 'teacher' }),
    classes: classes.map(({ id, title, groupName }) => ({ id, title, groupName })),
    currentClass: '',
    administrates: true,
  };
  return <Install {...install} menu={menu} />;
}
