import { NewPassword } from '@/components/account/NewPassword';
import { linkProblem } from '@/server/deeds/accounts/renewPassword';

export default async function NewPasswordPage({ params }: { readonly params: Promise<{ token: string }> }) {
  const { token } = await params;
  return <NewPassword token={token} closed={await linkProblem(token, new Date())} />;
}
