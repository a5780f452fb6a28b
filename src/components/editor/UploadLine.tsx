'use client';

import { useTranslations } from 'next-intl';
import { useRefusal } from '../basics/useRefusal';
import type { PictureUpload, Upload } from './usePictureUpload';

const SLATS = 16;

/** What is happening to pictures that were given to the editor, each with a way out. */
export function UploadLine({ pictures }: { readonly pictures: PictureUpload }) {
  if (pictures.uploads.length === 0) return null;
  return (
    <ul className="mb-3 grid gap-1">
      {pictures.uploads.map((upload) => (
        <li key={upload.id} className="flex flex-wrap items-center gap-x-4 gap-y-1">
          <b className="max-w-52 truncate">{upload.name}</b>
          <State upload={upload} {...pictures} />
        </li>
      ))}
    </ul>
  );
}

function State({ upload: { id, state }, ...pictures }: PictureUpload & { readonly upload: Upload }) {
  const t = useTranslations('editor.upload');
  const refusal = useRefusal();
  switch (state.kind) {
    case 'waiting':
      return <Way words={t('cancel')} onPress={() => pictures.cancel(id)} before={t('waiting')} />;
    case 'running':
      return (
        <>
          <span
            className="upload-slats"
            role="progressbar"
            aria-valuenow={Math.round(state.share * 100)}
            aria-label={t('label')}
          >
            {Array.from({ length: SLATS }, (_, index) => (
              <i key={index} className={index < state.share * SLATS ? 'there' : ''} />
            ))}
          </span>
          <Way
            words={t('cancel')}
            onPress={() => pictures.cancel(id)}
            before={t(state.share < 1 ? 'running' : 'working')}
          />
        </>
      );
    case 'alike':
      return <Way words={t('understood')} onPress={() => pictures.dismiss(id)} before={t('alike')} />;
    case 'refused':
      return (
        <>
          <span className="problem" role="alert">
            {refusal(state)}
          </span>
          {state.code === 'offline' ? (
            <button type="button" className="act" onClick={() => pictures.tryAgain(id)}>
              {t('tryAgain')}
            </button>
          ) : null}
          <button type="button" className="act" onClick={() => pictures.dismiss(id)}>
            {t('understood')}
          </button>
        </>
      );
  }
}

function Way({
  before,
  words,
  onPress,
}: {
  readonly before: string;
  readonly words: string;
  readonly onPress: () => void;
}) {
  return (
    <>
      <span className="text-ink-2" role="status">
        {before}
      </span>
      <button type="button" className="act" onClick={onPress}>
        {words}
      </button>
    </>
  );
}
