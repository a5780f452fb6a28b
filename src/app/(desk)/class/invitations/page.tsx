import { notFound } from 'next/navigation';
import { Invitations } from '@/components/classes/Invitations';
import { requireDesk } from '@/server/http/desk';
import { maybeInvitations } from '@/server/invitations/viewInvitations';

export default async function InvitationsPage() {
  const invitations = await maybeInvitations(await requireDesk());
  if (!invitations) notFound();
  return <Invitations {...invitations} />;
}
