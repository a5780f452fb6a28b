'use client';

import { useTranslations } from 'next-intl';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { MarksFilePanel } from './MarksFilePanel';

interface MarksFileProps {
  readonly classId: string;
  /** The first day of a term, or `year`. */
  readonly term: string;
  readonly closed: boolean;
}

/** The way to the marks as a file. */
export function MarksFile(file: MarksFileProps) {
  const t = useTranslations('term.file');
  const [open, setOpen] = useState(false);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="act">{t('open')}</Dialog.Trigger>
      {open ? <MarksFilePanel {...file} onDone={() => setOpen(false)} /> : null}
    </Dialog.Root>
  );
}
