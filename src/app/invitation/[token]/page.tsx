import { AcceptInvitation } from '@/components/account/AcceptInvitation';
import { currentSession } from '@/server/http/request';
import { findInvitation } from '@/server/deeds/invitations/findInvitation';

export default async function InvitationPage({ params }: { readonly params: Promise<{ token: string }> }) {
  const { token } = await params;
  const person = (await currentSession())?.person;
  return (
    <AcceptInvitation
      token={token}
      invitation={await findInvitation(token, new Date())}
      signedInAs={person ? `${person.givenName} ${person.familyName}`.trim() : null}
    />
  );
}
