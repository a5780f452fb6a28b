'use client';

import { useTranslations } from 'next-intl';
import { chooseSignIn } from '../../contract/classes/chooseSignIn';
import type { PasscodeKind } from '../../core/people/passcode';
import { useDeed } from '../basics/useDeed';

interface SignInChoiceProps {
  readonly classId: string;
  readonly passcodeKind: PasscodeKind;
  readonly namesTyped: boolean;
}

const KINDS: readonly PasscodeKind[] = ['pictures', 'digits'];

/** How the children of a class sign in: pictures or digits, names chosen or typed. Cards in use stay as they are. */
export function SignInChoice({ classId, passcodeKind, namesTyped }: SignInChoiceProps) {
  const t = useTranslations('cards.choice');
  const { act, busy, problem } = useDeed();
  return (
    <fieldset className="mt-5 flex flex-wrap gap-x-8 gap-y-2 border-y border-line py-3" disabled={busy}>
      <legend className="sr-only">{t('legend')}</legend>
      <span className="flex items-center gap-4">
        <b>{t('cardsCarry')}</b>
        {KINDS.map((kind) => (
          <label key={kind} className="flex items-center gap-2">
            <input
              type="radio"
              name="passcode-kind"
              checked={kind === passcodeKind}
              onChange={() => void act(chooseSignIn, { classId, passcodeKind: kind, namesTyped })}
            />
            {t(kind)}
          </label>
        ))}
      </span>
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          checked={namesTyped}
          onChange={(event) =>
            void act(chooseSignIn, { classId, passcodeKind, namesTyped: event.target.checked })
          }
        />
        {t('typed')}
      </label>
      <span className="problem" role="alert">
        {problem}
      </span>
    </fieldset>
  );
}
