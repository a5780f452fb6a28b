'use client';

import { pictureAddress } from '../../../core/document/pictureAddress';
import { NodeViewWrapper, type NodeViewProps } from '@tiptap/react';
import { FileText, Video } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { useEffect, useRef } from 'react';
import { maybeWebAddress } from '../../../core/document/links';
import { describeVideo } from '../../../contract/doors/describeVideo';
import { ask } from '../../basics/call';
import { useLooking } from './LookingContext';
import { OpenLine } from './OpenLine';

/** A video or a shared document in the editor: its still, what it is called, and whether a stranger can open it. */
export function AddressedView({ node, editor, updateAttributes }: NodeViewProps) {
  const t = useTranslations('editor.address');
  const { results } = useLooking();
  const address = String(node.attrs['address']);
  const still = String(node.attrs['still'] ?? '');
  const isVideo = node.type.name === 'video';
  useDescription(isVideo && still === '', address, String(node.attrs['title']), updateAttributes);
  const kind = isVideo ? 'video' : 'sharedDocument';
  const Icon = isVideo ? Video : FileText;
  return (
    <NodeViewWrapper className="addressed" data-drag-handle="">
      {still ? <img src={pictureAddress(still, 480)} alt="" draggable={false} /> : null}
      <div className="grid min-w-0 content-start gap-1">
        <label className="flex items-center gap-2">
          <Icon aria-hidden="true" size={17} className="shrink-0" />
          <span className="sr-only">{t(`${kind}.name`)}</span>
          <input
            className="field !py-1 font-semibold"
            placeholder={t(`${kind}.name`)}
            value={String(node.attrs['title'])}
            maxLength={200}
            disabled={!editor.isEditable}
            onChange={(event) => updateAttributes({ title: event.target.value })}
          />
        </label>
        <a className="truncate text-[13.5px]" href={address} target="_blank" rel="noopener noreferrer">
          {node.attrs['provider'] ? `${String(node.attrs['provider'])}: ` : ''}
          {address}
        </a>
        <OpenLine result={results[maybeWebAddress(address) ?? '']} />
      </div>
    </NodeViewWrapper>
  );
}

/** Asks the video's host, once for each address, what it is called and for a still. */
function useDescription(
  wanted: boolean,
  address: string,
  title: string,
  update: (attributes: Record<string, unknown>) => void,
): void {
  const { writingId, report } = useLooking();
  const asked = useRef('');
  const titled = useRef(title);
  useEffect(() => {
    titled.current = title;
  }, [title]);
  useEffect(() => {
    if (!wanted || asked.current === address) return;
    asked.current = address;
    void ask(describeVideo, { writingId, address }).then((outcome) => {
      if (!outcome.ok) return;
      const { result, provider, still } = outcome.value;
      report(maybeWebAddress(address) ?? address, result);
      // What the writer has called it stands.
      if (still || outcome.value.title)
        update({ provider, still: still ?? '', title: titled.current || outcome.value.title });
    });
  }, [wanted, address, writingId, report, update]);
}
