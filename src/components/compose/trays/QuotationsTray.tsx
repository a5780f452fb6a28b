'use client';

import type { Editor } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import type { Place } from '../../../core/requirements/answer';
import { PlaceList } from './PlaceList';
import type { TrayContentProps } from './trayProps';

/** Quotations without a source: going there opens the line for it. */
export function QuotationsTray({ editor, answer, lower }: TrayContentProps) {
  const t = useTranslations('requirements.quotations.tray');
  return (
    <div className="mt-2 grid gap-3">
      <PlaceList editor={editor} answer={answer} lower={lower} onGo={(place) => openSource(editor, place)} />
      <p className="text-[14px] text-ink-2">{t('how')}</p>
    </div>
  );
}

/** Puts the cursor into a quotation's source, which is made where there is none. */
function openSource(editor: Editor, { from }: Place): void {
  const quotation = editor.state.doc.nodeAt(from);
  if (quotation?.type.name !== 'blockquote') return;
  const end = from + quotation.nodeSize - 1;
  const chain = editor.chain();
  if (quotation.lastChild?.type.name === 'quoteSource')
    chain
      .setTextSelection(end - 1)
      .focus()
      .scrollIntoView()
      .run();
  else
    chain
      .insertContentAt(end, { type: 'quoteSource' })
      .setTextSelection(end + 1)
      .focus()
      .scrollIntoView()
      .run();
}
