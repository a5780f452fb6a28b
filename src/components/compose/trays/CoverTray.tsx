'use client';

import { pictureAddress } from '../../../core/document/pictureAddress';
import { useTranslations } from 'next-intl';
import { useRef, useState } from 'react';
import { pictures } from '../../../core/document/pictures';
import { Field } from '../../basics/Field';
import type { TrayContentProps } from './trayProps';

/** The cover picture: one of the post's own or another, with its description. */
export function CoverTray({ editor, requirement, beside, setBeside, addPictureBeside }: TrayContentProps) {
  const t = useTranslations('requirements.cover.tray');
  const picker = useRef<HTMLInputElement>(null);
  const [adding, setAdding] = useState(false);
  const { cover } = beside;
  const own = [...new Map(pictures(editor.state.doc).map((one) => [one.src, one])).values()];
  const shown =
    cover && !own.some((one) => one.src === cover.src)
      ? [...own, { src: cover.src, description: cover.description }]
      : own;
  const add = async (file: File | undefined) => {
    if (!file) return;
    setAdding(true);
    const src = await addPictureBeside(file);
    setAdding(false);
    if (src) setBeside({ cover: { src, description: '' } });
  };
  return (
    <div className="mt-2 grid gap-3">
      <p className="text-[14px] text-ink-2">
        {t('how')} {requirement['distinct'] === true ? t('alike') : ''}
      </p>
      <ul className="flex flex-wrap gap-3">
        {shown.map(({ src, description }) => (
          <li key={src}>
            <button
              type="button"
              className="rounded border-2 border-transparent p-1 aria-pressed:border-porch"
              aria-pressed={cover?.src === src}
              aria-label={`${t(cover?.src === src ? 'chosen' : 'choose')}: ${description}`}
              onClick={() => setBeside({ cover: { src, description } })}
            >
              <img src={pictureAddress(src, 480)} alt="" className="h-20 w-[120px] rounded object-cover" />
            </button>
          </li>
        ))}
      </ul>
      {cover ? (
        <Field
          label={t('describe')}
          value={cover.description}
          maxLength={1000}
          onText={(description) => setBeside({ cover: { ...cover, description } })}
        />
      ) : null}
      <span className="flex flex-wrap gap-4">
        <button type="button" className="btn" disabled={adding} onClick={() => picker.current?.click()}>
          {t(adding ? 'adding' : 'add')}
        </button>
        {cover ? (
          <button type="button" className="act" onClick={() => setBeside({ cover: null })}>
            {t('without')}
          </button>
        ) : null}
      </span>
      <input
        ref={picker}
        type="file"
        accept="image/*"
        hidden
        aria-label={t('add')}
        onChange={(event) => {
          void add(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
    </div>
  );
}
