'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useState } from 'react';
import { Mark } from '../basics/Mark';
import { AdultForm } from './AdultForm';
import { StudentSteps } from './StudentSteps';

/** Signing in: children by class code, name and three picture words; grown-ups by e-mail and password. */
export function SignIn({ cardCode = '' }: { readonly cardCode?: string }) {
  const t = useTranslations('signIn');
  const [adult, setAdult] = useState(false);
  return (
    <>
      <header className="lintel">
        <Link className="mark" href="/sign-in">
          <Mark id="house" />
          {t('product')}
        </Link>
        <span className="who">
          <button
            type="button"
            className="rounded border border-[var(--on-porch-2)] px-3 py-1.5 font-semibold text-white"
            onClick={() => setAdult(!adult)}
          >
            {adult ? t('forStudents') : t('forGrownUps')}
          </button>
        </span>
      </header>
      <main id="main" className="mx-auto max-w-[430px] px-[18px] py-6">
        {adult ? <AdultForm /> : <StudentSteps cardCode={cardCode} />}
      </main>
    </>
  );
}
