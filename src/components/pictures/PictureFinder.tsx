'use client';

import { useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import type { ClassPicture } from '../../core/posts/classPicture';
import { isUnder, pictureSearch, PICTURE_TABS, type PictureTab } from './pictureSearch';

interface PictureFinderProps {
  readonly pictures: readonly ClassPicture[];
  readonly children: (found: readonly ClassPicture[]) => ReactNode;
}

/** Finds pictures of the class by words, by whose they are and by who may use them. */
export function PictureFinder({ pictures, children }: PictureFinderProps) {
  const t = useTranslations('pictures');
  const [words, setWords] = useState('');
  const [tab, setTab] = useState<PictureTab>('all');
  const found = pictureSearch(pictures, words).filter((picture) => isUnder(tab, picture));
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <div className="flex flex-wrap gap-x-5" role="group" aria-label={t('which')}>
          {PICTURE_TABS.map((one) => (
            <button
              key={one}
              type="button"
              className="picture-tab"
              aria-pressed={tab === one}
              onClick={() => setTab(one)}
            >
              {t(`tabs.${one}`, { count: pictures.filter((picture) => isUnder(one, picture)).length })}
            </button>
          ))}
        </div>
        <input
          type="search"
          className="field sm:ml-auto sm:!w-56"
          aria-label={t('find')}
          placeholder={t('findHint')}
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
      </div>
      {found.length ? children(found) : <p className="my-6 text-ink-2">{t(words ? 'noneFound' : 'none')}</p>}
    </>
  );
}
