import { ForgottenPassword } from '@/components/account/ForgottenPassword';

export default function ForgottenPage() {
  return <ForgottenPassword />;
}
