import { NewPassword } from '@/components/account/NewPassword';

export default async function NewPasswordPage({ params }: { readonly params: Promise<{ token: string }> }) {
  return <NewPassword token={(await params).token} />;
}
