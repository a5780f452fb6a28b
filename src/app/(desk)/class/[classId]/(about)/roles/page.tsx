import { notFound } from 'next/navigation';
import { Roles } from '@/components/classes/Roles';
import { maybeRoles } from '@/server/views/class/viewRoles';
import { requireDeskIn, type InClass } from '@/server/http/desk';

export default async function RolesPage({ params }: InClass) {
  const roles = await maybeRoles(await requireDeskIn(params));
  if (!roles) notFound();
  return <Roles {...roles} />;
}
