'use client';

import { useEditorState, type Editor } from '@tiptap/react';
import { Image as ImageIcon, List, ListOrdered, Mic, Paperclip, Quote, Redo2, Undo2 } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { Toolbar } from 'radix-ui';
import { useRef, type ReactNode } from 'react';
import { ReadAloud } from '../voice/ReadAloud';
import { useListening } from '../voice/useListening';
import { LinkPopover } from './LinkPopover';
import { MoreTools } from './MoreTools';
import { plainTools } from './textTools';
import type { ToolsProps } from './toolsProps';

/** The tools of the writing desk: every one has a word, none hides behind hovering. */
export function Tools(props: ToolsProps) {
  const { editor, onPictures, language, few = false, history } = props;
  const listening = useListening(editor, language);
  const t = useTranslations('editor.tools');
  const voice = useTranslations('editor.voice');
  const state = useEditorState({
    editor,
    selector: ({ editor: current }) => stateOf(current),
  });
  const run = () => editor.chain().focus();
  const plain = plainTools(editor);
  return (
    <Toolbar.Root className="tools" aria-label={t('label')}>
      <Kind on={state.block === 'paragraph'} onPress={() => run().setNode('paragraph').run()}>
        {t('text')}
      </Kind>
      <Kind
        on={state.block === 'heading2'}
        onPress={() => run().toggleNode('heading', 'paragraph', { level: 2 }).run()}
      >
        {t('heading')}
      </Kind>
      {few ? null : (
        <Kind on={state.block === 'heading3'} onPress={plain.smallHeading}>
          {t('smallHeading')}
        </Kind>
      )}
      <Toolbar.Separator className="gap" />
      <Kind on={state.strong} onPress={() => run().toggleMark('strong').run()}>
        <strong>{t('bold')}</strong>
      </Kind>
      {few ? null : (
        <>
          <Kind on={state.emphasis} onPress={plain.italic}>
            <em>{t('italic')}</em>
          </Kind>
          <Kind on={state.underline} onPress={plain.underline}>
            <span className="underline">{t('underline')}</span>
          </Kind>
        </>
      )}
      <Toolbar.Separator className="gap" />
      {/* On a phone these four are always in sight, before all that is reached by pushing the row along. */}
      <span className="always">
        <Toolbar.Button onClick={onPictures}>
          <ImageIcon aria-hidden="true" /> {t('picture')}
        </Toolbar.Button>
        <LinkPopover editor={editor} on={state.link} />
        <Toolbar.Separator className="gap" />
        <Kind on={state.bulletList} onPress={() => run().toggleList('bulletList', 'listItem').run()}>
          <List aria-hidden="true" /> {t('list')}
        </Kind>
        <span className="undo contents">
          <Toolbar.Button
            disabled={!(history?.canUndo ?? state.canUndo)}
            onClick={() => (history ? history.undo() : run().undo().run())}
          >
            <Undo2 aria-hidden="true" /> {t('undo')}
          </Toolbar.Button>
        </span>
      </span>
      {few ? null : (
        <>
          <Kind on={state.orderedList} onPress={plain.steps}>
            <ListOrdered aria-hidden="true" /> {t('steps')}
          </Kind>
          <Kind on={state.quotation} onPress={plain.quotation}>
            <Quote aria-hidden="true" /> {t('quotation')}
          </Kind>
        </>
      )}
      {props.onHandout ? <HandoutTool onHandout={props.onHandout} /> : null}
      <MoreTools {...props} />
      {listening.can ? (
        <Toolbar.Button aria-pressed={listening.listening} onClick={listening.toggle}>
          <Mic aria-hidden="true" /> {voice(listening.listening ? 'stopSpeaking' : 'speak')}
        </Toolbar.Button>
      ) : null}
      <ReadAloud editor={editor} language={language} />
      <span className="spacer" />
      <Toolbar.Button
        className="redo"
        disabled={!(history?.canRedo ?? state.canRedo)}
        onClick={() => (history ? history.redo() : run().redo().run())}
      >
        <Redo2 aria-hidden="true" /> {t('redo')}
      </Toolbar.Button>
    </Toolbar.Root>
  );
}

/** Takes a file along that is given out with the text. */
function HandoutTool({ onHandout }: { readonly onHandout: (file: File) => void }) {
  const t = useTranslations('editor.tools');
  const picker = useRef<HTMLInputElement>(null);
  return (
    <>
      <Toolbar.Button onClick={() => picker.current?.click()}>
        <Paperclip aria-hidden="true" /> {t('handout')}
      </Toolbar.Button>
      <input
        ref={picker}
        type="file"
        hidden
        aria-label={t('handout')}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) onHandout(file);
        }}
      />
    </>
  );
}

function Kind({
  on,
  onPress,
  children,
}: {
  readonly on: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
}) {
  return (
    <Toolbar.Button aria-pressed={on} data-state={on ? 'on' : 'off'} onClick={onPress}>
      {children}
    </Toolbar.Button>
  );
}

function stateOf(editor: Editor) {
  return {
    block: editor.isActive('heading', { level: 2 })
      ? 'heading2'
      : editor.isActive('heading', { level: 3 })
        ? 'heading3'
        : 'paragraph',
    strong: editor.isActive('strong'),
    emphasis: editor.isActive('emphasis'),
    underline: editor.isActive('underline'),
    link: editor.isActive('link'),
    bulletList: editor.isActive('bulletList'),
    orderedList: editor.isActive('orderedList'),
    quotation: editor.isActive('blockquote'),
    canUndo: editor.can().undo(),
    canRedo: editor.can().redo(),
  };
}
