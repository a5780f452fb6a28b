'use client';

import { PenLine } from 'lucide-react';
import { useTranslations } from 'next-intl';
import dynamic from 'next/dynamic';
import { Dialog } from 'radix-ui';
import { useMemo, useState } from 'react';
import { readersHtml } from '../../../core/document/html/readersHtml';
import { saysSomething } from '../../../core/document/saysSomething';
import { openDocument } from '../../../core/document/openDocument';
import type { LessonDeskProps } from '../../lesson/LessonDesk';

// The editor is large, and a builder is often opened to look.
const LessonDesk = dynamic(() => import('../../lesson/LessonDesk'), { ssr: false });

interface LessonTextFieldProps extends LessonDeskProps {
  readonly problem: string;
}

/** A text of a teacher's as students will read it; pressed, it is written in the same editor as posts. */
export function LessonTextField({ problem, ...desk }: LessonTextFieldProps) {
  const { label, body } = desk;
  const t = useTranslations('builder.lesson');
  const [open, setOpen] = useState(false);
  const html = useMemo(() => (saysSomething(body) ? readersHtml(openDocument(body)) : null), [body]);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <div className="grid gap-1.5">
        <span className="flex items-baseline justify-between gap-3">
          <b>{label}</b>
          <Dialog.Trigger className="act" aria-label={t('writeLabel', { label })}>
            <PenLine aria-hidden="true" size={15} /> {t('write')}
          </Dialog.Trigger>
        </span>
        {html === null ? (
          <p className="text-[14px] text-ink-2">{t('empty')}</p>
        ) : (
          <div
            className="lesson max-h-72 overflow-auto border-l-4 border-line pl-3"
            tabIndex={0}
            role="region"
            aria-label={label}
            dangerouslySetInnerHTML={{ __html: html }}
          />
        )}
        <p className="problem" role="alert">
          {problem}
        </p>
      </div>
      <Dialog.Portal>
        <Dialog.Overlay className="scrim !z-30" />
        <Dialog.Content className="lesson-desk" aria-describedby={undefined}>
          <span className="flex items-center justify-between gap-4 px-6 py-3">
            <Dialog.Title className="font-read text-[20px] font-semibold">{label}</Dialog.Title>
            <Dialog.Close className="btn go">{t('done')}</Dialog.Close>
          </span>
          <LessonDesk {...desk} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
