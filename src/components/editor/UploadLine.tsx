'use client';

import { useTranslations } from 'next-intl';
import { pictureAddress } from '../../core/document/pictureAddress';
import { useRefusal } from '../basics/useRefusal';
import type { PictureUpload, Upload } from './usePictureUpload';

const SLATS = 16;

/** What is happening to pictures that were given to the editor, each with a way out. */
export function UploadLine({
  pictures,
  onSwap,
}: {
  readonly pictures: PictureUpload;
  /** Shows another picture wherever one stands; absent where nothing is put into a text. */
  readonly onSwap?: (from: string, to: string) => void;
}) {
  const t = useTranslations('editor.upload');
  if (pictures.uploads.length === 0) return null;
  const refused = pictures.uploads.filter((one) => one.state.kind === 'refused').length;
  return (
    <>
      <ul className="mb-3 grid gap-1">
        {pictures.uploads.map((upload) => (
          <li key={upload.id} className="flex flex-wrap items-center gap-x-4 gap-y-1">
            <b className="max-w-52 truncate">{upload.name}</b>
            <State upload={upload} {...pictures} {...(onSwap ? { onSwap } : {})} />
          </li>
        ))}
      </ul>
      {refused > 1 ? (
        <p className="mb-3">
          <button type="button" className="act" onClick={pictures.dismissRefused}>
            {t('allUnderstood', { count: refused })}
          </button>
        </p>
      ) : null}
    </>
  );
}

function State({
  upload: { id, state },
  onSwap,
  ...pictures
}: PictureUpload & {
  readonly upload: Upload;
  readonly onSwap?: (from: string, to: string) => void;
}) {
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
      return (
        <>
          <Way words={t('understood')} onPress={() => pictures.dismiss(id)} before={t('alike')} />
          <img className="h-16 w-auto rounded" src={pictureAddress(state.other, 480)} alt={t('theOther')} />
          {onSwap ? (
            <button
              type="button"
              className="act"
              onClick={() => {
                onSwap(state.pictureId, state.other);
                pictures.dismiss(id);
              }}
            >
              {t('useTheOther')}
            </button>
          ) : null}
        </>
      );
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
          {pictures.uploads.filter((one) => one.state.kind === 'refused').length > 1 ? null : (
            <button type="button" className="act" onClick={() => pictures.dismiss(id)}>
              {t('understood')}
            </button>
          )}
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
