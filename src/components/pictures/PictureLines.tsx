'use client';

import { pictureAddress } from '../../core/document/pictureAddress';
import { useTranslations } from 'next-intl';
import type { ReactNode } from 'react';
import type { ClassPicture } from '../../core/posts/classPicture';
import { useMadeWords } from '../basics/useMadeWords';

interface PictureLinesProps {
  readonly pictures: readonly ClassPicture[];
  readonly chosen: string | null;
  /** Null where nothing is chosen here. */
  readonly onChoose: ((picture: ClassPicture) => void) | null;
  /** What else can be done with each. */
  readonly more?: (picture: ClassPicture) => ReactNode;
}

/** Pictures as they hang on the line, with whose they are and who may use them. */
export function PictureLines({ pictures, chosen, onChoose, more }: PictureLinesProps) {
  const t = useTranslations('pictures');
  const licences = useMadeWords('pictures.licences');
  return (
    <ul className="picture-lines">
      {pictures.map((picture) => {
        const image = <img src={pictureAddress(picture.id, 480)} alt={picture.description} loading="lazy" />;
        return (
          <li key={picture.id}>
            <i className="peg" aria-hidden="true" />
            {onChoose ? (
              <button
                type="button"
                aria-pressed={chosen === picture.id}
                disabled={!picture.choosable}
                aria-label={t('choose', { name: picture.description || picture.caption || picture.by })}
                onClick={() => onChoose(picture)}
              >
                {image}
                {chosen === picture.id ? <span className="chosen">{t('chosen')}</span> : null}
              </button>
            ) : (
              image
            )}
            <b>{picture.own ? t('yours') : picture.by}</b>
            <small className={picture.licence ? '' : 'text-clay'}>
              {licences(licences.has(picture.licence) && picture.licence ? picture.licence : 'unknown')}
            </small>
            {more?.(picture)}
          </li>
        );
      })}
    </ul>
  );
}
