import { notFound } from 'next/navigation';
import { Invitations } from '@/components/classes/Invitations';
import { requireDeskIn, type InClass } from '@/server/http/desk';
import { maybeInvitations } from '@/server/views/invitations/viewInvitations';

export default async function InvitationsPage({ params }: InClass) {
  const invitations = await maybeInvitations(await requireDeskIn(params));
  if (!invitations) notFound();
  return <Invitations {...invitations} />;
}
