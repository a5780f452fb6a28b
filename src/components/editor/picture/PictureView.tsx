'use client';

import { NodeViewContent, NodeViewWrapper, type NodeViewProps } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { Mark } from '../../basics/Mark';

/** A picture in the editor. */
export function PictureView({ node, updateAttributes, editor }: NodeViewProps) {
  const t = useTranslations('editor.picture');
  const field = useId();
  const [describing, setDescribing] = useState(false);
  const src = String(node.attrs['src']);
  const description = String(node.attrs['description']);
  const hasCredit = node.childCount > 1 && node.child(1).textContent.trim() !== '';
  return (
    <NodeViewWrapper>
      {/^[0-9a-z]{16}$/.test(src) ? (
        <img src={`/pictures/${src}/960`} alt={description} draggable={false} contentEditable={false} />
      ) : (
        <p className="on-its-way" contentEditable={false} role="status">
          {t('onItsWay')}
        </p>
      )}
      <NodeViewContent />
      <div
        contentEditable={false}
        className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 pt-1 font-ui text-[13.5px]"
      >
        {description && !describing ? (
          <button type="button" className="act" onClick={() => setDescribing(true)}>
            {t('described')}
          </button>
        ) : (
          <label className="flex w-full items-center gap-2" htmlFor={field}>
            <span className="shrink-0 text-ink-2">{t('description')}</span>
            <input
              id={field}
              className="field !py-1 !text-[14px]"
              placeholder={t('descriptionHint')}
              value={description}
              maxLength={500}
              disabled={!editor.isEditable}
              onFocus={() => setDescribing(true)}
              onBlur={() => setDescribing(false)}
              onChange={(event) => updateAttributes({ description: event.target.value })}
            />
          </label>
        )}
        {hasCredit ? null : (
          <span className="picture-need inline-flex items-center gap-1">
            <Mark id="s-h" className="s" /> {t('whoTookIt')}
          </span>
        )}
      </div>
    </NodeViewWrapper>
  );
}
