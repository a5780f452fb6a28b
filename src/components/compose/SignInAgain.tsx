'use client';

import { useTranslations } from 'next-intl';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { Panel } from '../basics/Panel';
import { StudentSteps } from '../signIn/StudentSteps';

interface SignInAgainProps {
  readonly classCode: string;
  readonly onSignedIn: () => void;
}

/** Signing in again without leaving the text, where a session ran out while somebody wrote. */
export function SignInAgain({ classCode, onSignedIn }: SignInAgainProps) {
  const t = useTranslations('editor.saving');
  const [open, setOpen] = useState(false);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="act">{t('signInAgain')}</Dialog.Trigger>
      <Panel title={t('signInAgain')} titleUnseen>
        <StudentSteps
          cardCode={classCode}
          onSignedIn={() => {
            setOpen(false);
            onSignedIn();
          }}
        />
        <Dialog.Close className="act mt-4">{t('leave')}</Dialog.Close>
      </Panel>
    </Dialog.Root>
  );
}
