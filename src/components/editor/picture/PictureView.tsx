'use client';

import { pictureAddress } from '../../../core/document/pictureAddress';
import type { Editor } from '@tiptap/core';
import { NodeViewContent, NodeViewWrapper, type NodeViewProps } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { LICENCES } from '../../../core/document/licences';
import { Mark } from '../../basics/Mark';
import { creditPicture } from '../atPlace';
import { WhoIsIn } from '../../pictures/WhoIsIn';
import { useLooking } from '../addresses/LookingContext';
import { useWriterName } from './WriterNameContext';
import { joinRow, leaveRow, rowMoves } from './pictureRow';
import { SidePicker } from './SidePicker';
import { WidthHandle } from './WidthHandle';

/** A picture in the editor: its caption and credit are written in place, the rest stands in a line below it. */
export function PictureView({ node, updateAttributes, editor, getPos, selected }: NodeViewProps) {
  const t = useTranslations('editor.picture');
  const src = String(node.attrs['src']);
  const width = Number(node.attrs['width']);
  const side = String(node.attrs['side']);
  const hasCredit = node.childCount > 1 && node.child(1).textContent.trim() !== '';
  const writerName = useWriterName();
  const [asking, setAsking] = useState(false);
  const [whoAsked, setWhoAsked] = useState(false);
  const { classId } = useLooking();
  const kept = /^[0-9a-z]{16}$/.test(src);
  return (
    <NodeViewWrapper>
      <div className="relative" data-drag-handle="">
        {kept ? (
          <img
            src={pictureAddress(src, 960)}
            alt={String(node.attrs['description'])}
            draggable={false}
            contentEditable={false}
            onLoad={() => keepInSight(editor, getPos(), node.nodeSize)}
          />
        ) : (
          <p className="on-its-way" contentEditable={false} role="status">
            {t('onItsWay')}
          </p>
        )}
        {editor.isEditable ? (
          <WidthHandle
            width={width}
            atStart={side === 'end'}
            onWidth={(next) => updateAttributes({ width: next })}
          />
        ) : null}
      </div>
      <NodeViewContent />
      <div
        contentEditable={false}
        className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 pt-1 font-ui text-[13.5px]"
      >
        <Description node={node} updateAttributes={updateAttributes} isEditable={editor.isEditable} />
        {hasCredit ? null : (
          <span className="picture-need inline-flex items-center gap-1">
            <Mark id="s-h" className="s" /> {t('whoTookIt')}
            <button
              type="button"
              className="act"
              onClick={() => {
                const from = getPos();
                if (from !== undefined)
                  creditPicture(editor, { from, to: from, reason: 'credit' }, writerName);
              }}
            >
              {t('iTookIt')}
            </button>
          </span>
        )}
        <button
          type="button"
          className="act"
          aria-expanded={asking || selected}
          onClick={() => setAsking(!asking)}
        >
          {t('widthAndUse')}
        </button>
        {kept && classId && editor.isEditable ? (
          <button
            type="button"
            className="act"
            aria-expanded={whoAsked}
            onClick={() => setWhoAsked(!whoAsked)}
          >
            {t('whoIsIn')}
          </button>
        ) : null}
        {whoAsked ? <WhoIsIn classId={classId} pictureId={src} onClose={() => setWhoAsked(false)} /> : null}
        {asking || selected ? (
          <div className="flex w-full flex-wrap items-center gap-x-5 gap-y-2 border-t border-line pt-2">
            <RowMoves editor={editor} getPos={getPos} />
            <SidePicker width={width} side={side} onPick={(place) => updateAttributes({ ...place })} />
            <label className="flex items-center gap-2">
              <span className="text-ink-2">{t('licence')}</span>
              <select
                className="field !w-auto !py-1 !text-[14px]"
                value={String(node.attrs['licence'])}
                onChange={(event) => updateAttributes({ licence: event.target.value })}
              >
                <option value="">{t('licences.unknown')}</option>
                {LICENCES.map((licence) => (
                  <option key={licence} value={licence}>
                    {t(`licences.${licence}`)}
                  </option>
                ))}
              </select>
            </label>
          </div>
        ) : null}
      </div>
    </NodeViewWrapper>
  );
}

/** Scrolls to the words under a picture once it has its height, for whoever has just brought it and is to say what it is. */
function keepInSight(editor: Editor, at: number | undefined, size: number): void {
  const { from } = editor.state.selection;
  if (at !== undefined && editor.isFocused && from > at && from < at + size) editor.commands.scrollIntoView();
}

/** Putting a picture beside the one above it, and taking it out of the row again. */
function RowMoves({ editor, getPos }: Pick<NodeViewProps, 'editor' | 'getPos'>) {
  const t = useTranslations('editor.picture.row');
  const at = getPos();
  if (at === undefined || !editor.isEditable) return null;
  const can = rowMoves(editor, at);
  return (
    <>
      {can.join ? (
        <button type="button" className="act" onClick={() => joinRow(editor, getPos() ?? at)}>
          {t('join')}
        </button>
      ) : null}
      {can.leave ? (
        <button type="button" className="act" onClick={() => leaveRow(editor, getPos() ?? at)}>
          {t('leave')}
        </button>
      ) : null}
    </>
  );
}

interface DescriptionProps extends Pick<NodeViewProps, 'node' | 'updateAttributes'> {
  readonly isEditable: boolean;
}

/** What is in the picture, for people who cannot see it, with help on how to say it. */
function Description({ node, updateAttributes, isEditable }: DescriptionProps) {
  const t = useTranslations('editor.picture');
  const field = useId();
  const description = String(node.attrs['description']);
  // Once it is a field it stays one: nothing below it moves away under the press that follows typing.
  const [describing, setDescribing] = useState(description === '');
  if (description && !describing)
    return (
      <button type="button" className="act" onClick={() => setDescribing(true)}>
        {t('described')}
      </button>
    );
  return (
    <label className="grid w-full gap-1" htmlFor={field}>
      <span className="flex flex-wrap items-center gap-x-2 gap-y-1">
        <span className="shrink-0 text-ink-2">{t('description')}</span>
        <input
          id={field}
          className="field min-w-[220px] flex-1 !py-1 !text-[14px]"
          placeholder={t('descriptionHint')}
          value={description}
          maxLength={500}
          disabled={!isEditable}
          aria-describedby={`${field}-how`}
          onFocus={() => setDescribing(true)}
          onChange={(event) => updateAttributes({ description: event.target.value })}
        />
      </span>
      <small id={`${field}-how`} className={describing ? 'text-ink-2' : 'sr-only'}>
        {t('descriptionHow')}
      </small>
    </label>
  );
}
