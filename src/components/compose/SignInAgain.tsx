'use client';

import { useTranslations } from 'next-intl';
import { Dialog } from 'radix-ui';
import { Panel } from '../basics/Panel';
import { StudentSteps } from '../signIn/StudentSteps';

interface SignInAgainProps {
  readonly classCode: string;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly onSignedIn: () => void;
}

/** Signing in again without leaving the text, where a session ran out while somebody wrote. */
export function SignInAgain({ classCode, open, onOpen, onSignedIn }: SignInAgainProps) {
  const t = useTranslations('editor.saving');
  return (
    <Dialog.Root open={open} onOpenChange={onOpen}>
      <Dialog.Trigger className="act">{t('signInAgain')}</Dialog.Trigger>
      <Panel title={t('signInAgain')} titleUnseen>
        <StudentSteps
          cardCode={classCode}
          onSignedIn={() => {
            onOpen(false);
            onSignedIn();
          }}
        />
        <Dialog.Close className="act mt-4">{t('leave')}</Dialog.Close>
      </Panel>
    </Dialog.Root>
  );
}
