import { ToldByYou } from '@/components/worries/ToldByYou';
import { PlainLintel } from '@/components/desk/PlainLintel';
import { requireSession } from '@/server/http/desk';
import { listToldBy } from '@/server/views/worries/viewWorries';

export default async function ToldPage() {
  const { person, language } = await requireSession();
  return (
    <>
      <PlainLintel home="/today" />
      <ToldByYou told={await listToldBy({ personId: person.id, language, now: new Date() })} />
    </>
  );
}
