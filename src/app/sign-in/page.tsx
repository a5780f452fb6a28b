import type { Metadata } from 'next';
import { getTranslations } from 'next-intl/server';
import { getSettings } from '@/server/ground/settings/settings';
import { SignIn } from '@/components/signIn/SignIn';

export async function generateMetadata(): Promise<Metadata> {
  return { title: (await getTranslations('signIn'))('signIn') };
}

interface SignInPageProps {
  /** `class` is the class code, as the sign-in cards' addresses carry it. */
  readonly searchParams: Promise<{
    readonly class?: string | string[];
    /** What went wrong at the school's own sign-in. */
    readonly school?: string | string[];
  }>;
}

export default async function SignInPage({ searchParams }: SignInPageProps) {
  const { class: code, school } = await searchParams;
  return (
    <SignIn
      cardCode={typeof code === 'string' ? code.slice(0, 40) : ''}
      school={getSettings().school?.name ?? null}
      schoolProblem={typeof school === 'string' ? school : null}
    />
  );
}
