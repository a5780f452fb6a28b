'use client';

import { useTranslations } from 'next-intl';
import { useRefusal } from '../basics/useRefusal';
import type { Upload } from './usePictureUpload';

/** What is happening to pictures that were given to the editor. */
export function UploadLine({
  upload,
  onDismiss,
}: {
  readonly upload: Upload;
  readonly onDismiss: () => void;
}) {
  const t = useTranslations('editor.upload');
  const refusal = useRefusal();
  if (upload.kind === 'idle') return null;
  if (upload.kind === 'running')
    return (
      <p className="mb-3 text-ink-2" role="status">
        {t('running', { name: upload.name, left: upload.left })}
      </p>
    );
  return (
    <p className="problem mb-3 flex gap-4" role="alert">
      <span>
        {upload.name}: {refusal(upload)}
      </span>
      <button type="button" className="act" onClick={onDismiss}>
        {t('understood')}
      </button>
    </p>
  );
}
