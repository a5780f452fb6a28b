import { notFound } from 'next/navigation';
import { Install } from '@/components/administration/Install';
import { maybeInstall } from '@/server/views/administration/viewInstall';
import { requireSession } from '@/server/http/desk';

export default async function AdministrationPage() {
  const { person, language } = await requireSession();
  const install = await maybeInstall({
    personId: person.id,
    account: person.account,
    language,
    now: new Date(),
  });
  if (!install) notFound();
  return <Install {...install} />;
}
