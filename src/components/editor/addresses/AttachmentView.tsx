'use client';

import { NodeViewWrapper, type NodeViewProps } from '@tiptap/react';
import { Paperclip } from 'lucide-react';
import { useTranslations } from 'next-intl';

/** A file that is given out, in the editor: what it is called, and fetching it. */
export function AttachmentView({ node, editor, updateAttributes }: NodeViewProps) {
  const t = useTranslations('editor.handout');
  return (
    <NodeViewWrapper className="addressed" data-drag-handle="">
      <label className="flex min-w-0 flex-1 items-center gap-2">
        <Paperclip aria-hidden="true" size={17} className="shrink-0" />
        <span className="sr-only">{t('name')}</span>
        <input
          className="field !py-1 font-semibold"
          placeholder={t('name')}
          value={String(node.attrs['title'])}
          maxLength={200}
          disabled={!editor.isEditable}
          onChange={(event) => updateAttributes({ title: event.target.value })}
        />
      </label>
      <a className="self-center text-[13.5px]" href={`/handouts/${String(node.attrs['file'])}`} download="">
        {t('fetch')}
      </a>
    </NodeViewWrapper>
  );
}
