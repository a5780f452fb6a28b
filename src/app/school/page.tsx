import { notFound } from 'next/navigation';
import { PlainLintel } from '@/components/desk/PlainLintel';
import { School } from '@/components/school/School';
import { requireSession } from '@/server/http/desk';
import { maybeSchoolWatch } from '@/server/views/school/viewSchool';

export default async function SchoolPage() {
  const { person, language } = await requireSession();
  const school = await maybeSchoolWatch({ personId: person.id, language, now: new Date() });
  if (!school) notFound();
  return (
    <>
      <PlainLintel home="/classes" />
      <School {...school} />
    </>
  );
}
