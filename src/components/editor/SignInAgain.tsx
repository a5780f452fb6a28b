'use client';

import { useTranslations } from 'next-intl';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
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
      <Dialog.Portal>
        <Dialog.Overlay className="scrim !z-40" />
        <Dialog.Content
          className="menu fixed top-16 left-1/2 z-50 max-h-[85vh] w-[min(430px,94vw)] -translate-x-1/2 overflow-auto !p-5"
          aria-describedby={undefined}
        >
          <Dialog.Title className="sr-only">{t('signInAgain')}</Dialog.Title>
          <StudentSteps
            cardCode={classCode}
            onSignedIn={() => {
              setOpen(false);
              onSignedIn();
            }}
          />
          <Dialog.Close className="act mt-4">{t('leave')}</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
