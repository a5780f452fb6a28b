import type { Metadata } from 'next';
import { getTranslations } from 'next-intl/server';
import { SignIn } from '@/components/signIn/SignIn';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await getTranslations('signIn'))('signIn') };
}

export default function SignInPage() {
  return <SignIn />;
}
