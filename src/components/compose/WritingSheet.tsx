'use client';

import { EditorContent } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import dynamic from 'next/dynamic';
import { useId, useRef, useState, type KeyboardEvent } from 'react';
import type { DocumentJson } from '../../core/document/openDocument';
import { asksFor } from '../../core/requirements/requirement';
import { letteringProperties } from '../../core/looks/looks';
import { editorContent } from '../editor/useWritingEditor';
import { BeginEntry } from './BeginEntry';
import type { ComposeProps } from './composeProps';
import type { History } from './useHeadHistory';
import type { WritingDesk } from './useWritingDesk';

// The source view brings an editor of its own, which few writers need.
const SourceView = dynamic(() => import('../editor/source/SourceView'), { ssr: false });

/** Characters of a title, as Unicode counts them. */
const LONGEST_TITLE = 300;

/** So many characters more of a text as HTML may have been typed there; beyond that they came at once. */
const TYPED_AT_MOST = 200;
const lengthOf = (body: DocumentJson) => JSON.stringify(body).length;

interface WritingSheetProps {
  readonly desk: WritingDesk;
  readonly assignment: ComposeProps['assignment'];
  readonly history: History;
  /** Whether the text is shown as HTML. */
  readonly source: boolean;
  readonly onLeaveSource: () => void;
}

/** Title, subtitle and text. */
export function WritingSheet({ desk, assignment, history, source, onLeaveSource }: WritingSheetProps) {
  const { editor, writing, change, changeBeside } = desk;
  const t = useTranslations('editor');
  const id = useId();
  const [cut, setCut] = useState(false);
  const subtitle = useRef<HTMLInputElement>(null);
  // The browser's own history of a field knows nothing of the text.
  const onKeys = (event: KeyboardEvent) => {
    if (!(event.ctrlKey || event.metaKey) || event.altKey) return;
    const key = event.key.toLowerCase();
    if (key !== 'z' && key !== 'y') return;
    event.preventDefault();
    if (key === 'y' || event.shiftKey) history.redo();
    else history.undo();
  };
  // What is too long for a title, as a whole text that was pasted there, goes on in the text: nothing is lost.
  const setTitle = (typed: string) => {
    const signs = Array.from(typed);
    const rest = signs.slice(LONGEST_TITLE).join('').trim();
    change({ title: signs.slice(0, LONGEST_TITLE).join('') });
    setCut(rest !== '');
    if (rest !== '')
      editor?.commands.insertContentAt(0, { type: 'paragraph', content: [{ type: 'text', text: rest }] });
  };
  return (
    <>
      <textarea
        dir="auto"
        className="post-title mb-2 block w-full resize-none overflow-hidden bg-transparent [field-sizing:content]"
        aria-label={t('titleLabel')}
        placeholder={t('titleHint')}
        rows={1}
        value={writing.title}
        aria-describedby={`${id}-long`}
        onChange={(event) => setTitle(event.target.value.replace(/\n/g, ' '))}
        onKeyDown={(event) => {
          onKeys(event);
          if (event.key !== 'Enter') return;
          event.preventDefault();
          subtitle.current?.focus();
        }}
      />
      <p id={`${id}-long`} className="problem" role="alert">
        {cut ? t('titleCut', { most: LONGEST_TITLE }) : ''}
      </p>
      <input
        ref={subtitle}
        dir="auto"
        className="mb-4 w-full bg-transparent font-read text-[19px] text-ink-2"
        aria-label={t('subtitle')}
        placeholder={t('subtitle')}
        maxLength={300}
        value={writing.beside.subtitle}
        onChange={(event) => changeBeside({ subtitle: event.target.value })}
        onKeyDown={(event) => {
          onKeys(event);
          // While a word is being composed, the key takes the word.
          if (event.key !== 'Enter' || event.nativeEvent.isComposing) return;
          event.preventDefault();
          editor?.commands.focus('start');
        }}
      />
      {source ? (
        <SourceView
          body={writing.body}
          onLeave={onLeaveSource}
          onUse={(body) => {
            onLeaveSource();
            const came = lengthOf(body) - lengthOf(writing.body) > TYPED_AT_MOST;
            editor?.chain().setMeta('paste', came).setContent(editorContent(body)).run();
          }}
        />
      ) : (
        <div style={letteringProperties(writing.beside.lettering)}>
          <EditorContent editor={editor} />
          {editor && asksFor(assignment.requirements, 'entries') ? (
            <p className="after-text mt-3 text-[16px]">
              <BeginEntry editor={editor} doc={editor.state.doc} assignment={assignment} />
            </p>
          ) : null}
        </div>
      )}
    </>
  );
}
