'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { PlainLintel } from '../desk/PlainLintel';
import { AdultForm } from './AdultForm';
import { StudentSteps } from './StudentSteps';
import { useMadeWords } from '../basics/useMadeWords';

interface SignInProps {
  /** The class code that a card's address brought along. */
  readonly cardCode: string;
  /** The name of the school's own sign-in, or null where there is none. */
  readonly school: string | null;
  /** What went wrong there: a key under `refusals.school`. */
  readonly schoolProblem: string | null;
}

/** Signing in: children by class code, name and three picture words; grown-ups by e-mail and password. */
export function SignIn({ cardCode, school, schoolProblem }: SignInProps) {
  const t = useTranslations('signIn');
  const refusals = useMadeWords('refusals.school');
  const [adult, setAdult] = useState(false);
  return (
    <>
      <PlainLintel home="/sign-in">
        <button
          type="button"
          className="rounded border border-[var(--on-porch-2)] px-3 py-1.5 font-semibold text-white"
          onClick={() => setAdult(!adult)}
        >
          {adult ? t('forStudents') : t('forGrownUps')}
        </button>
      </PlainLintel>
      <main id="main" className="mx-auto max-w-[430px] px-[18px] py-6">
        {schoolProblem ? (
          <p role="alert" className="problem mb-4">
            {refusals(refusals.has(schoolProblem) ? schoolProblem : 'unreachable')}
          </p>
        ) : null}
        {adult ? <AdultForm /> : <StudentSteps cardCode={cardCode} />}
        {school ? (
          <p className="mt-8 border-t border-line pt-5">
            {/* Another origin answers: nothing for the router. */}
            <a className="btn w-full" href="/api/school">
              {t('withSchool', { school })}
            </a>
          </p>
        ) : null}
      </main>
    </>
  );
}
