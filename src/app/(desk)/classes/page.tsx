import { Classes } from '@/components/classes/Classes';
import { listDeletedClasses, listOwnClasses, mayMakeClasses } from '@/server/views/class/listOwnClasses';
import { isHead } from '@/server/views/school/viewSchool';
import { maybeWorriesWaiting } from '@/server/views/worries/viewWorries';
import { requireSession } from '@/server/http/desk';

export default async function ClassesPage() {
  const { person, chosen } = await requireSession();
  return (
    <Classes
      name={person.givenName}
      classes={await listOwnClasses(person.id)}
      deleted={await listDeletedClasses(person.id)}
      current={chosen}
      mayMake={mayMakeClasses(person)}
      isAdministrator={person.account === 'administrator'}
      worries={(await maybeWorriesWaiting(person.id))?.waiting ?? null}
      isHead={await isHead(person.id)}
    />
  );
}
