import { notFound } from 'next/navigation';
import { Roles } from '@/components/classes/Roles';
import { maybeRoles } from '@/server/classes/viewRoles';
import { requireDesk } from '@/server/http/desk';

export default async function RolesPage() {
  const roles = await maybeRoles(await requireDesk());
  if (!roles) notFound();
  return <Roles {...roles} />;
}
