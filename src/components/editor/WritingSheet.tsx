'use client';

import { EditorContent } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import dynamic from 'next/dynamic';
import { letteringProperties } from '../../core/looks/looks';
import type { WritingDesk } from './useWritingDesk';
import { editorContent } from './useWritingEditor';

// The source view brings an editor of its own, which few writers need.
const SourceView = dynamic(() => import('./source/SourceView'), { ssr: false });

interface WritingSheetProps {
  readonly desk: WritingDesk;
  /** Whether the text is shown as HTML. */
  readonly source: boolean;
  readonly onLeaveSource: () => void;
}

/** Title, subtitle and text. */
export function WritingSheet({ desk, source, onLeaveSource }: WritingSheetProps) {
  const { editor, writing, change, changeBeside } = desk;
  const t = useTranslations('editor');
  return (
    <>
      <textarea
        className="post-title mb-2 block w-full resize-none overflow-hidden bg-transparent [field-sizing:content]"
        aria-label={t('titleLabel')}
        placeholder={t('titleHint')}
        rows={1}
        maxLength={300}
        value={writing.title}
        onChange={(event) => change({ title: event.target.value.replace(/\n/g, ' ') })}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return;
          event.preventDefault();
          editor?.commands.focus('start');
        }}
      />
      <input
        className="mb-4 w-full bg-transparent font-read text-[19px] text-ink-2"
        aria-label={t('subtitle')}
        placeholder={t('subtitle')}
        maxLength={300}
        value={writing.beside.subtitle}
        onChange={(event) => changeBeside({ subtitle: event.target.value })}
      />
      {source ? (
        <SourceView
          body={writing.body}
          onLeave={onLeaveSource}
          onUse={(body) => {
            onLeaveSource();
            editor?.commands.setContent(editorContent(body));
          }}
        />
      ) : (
        <div style={letteringProperties(writing.beside.lettering)}>
          <EditorContent editor={editor} />
        </div>
      )}
    </>
  );
}
