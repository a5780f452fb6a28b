'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { takeOutPicture } from '../../contract/pictures/takeOutPicture';
import type { ClassPicture } from '../../core/posts/classPicture';
import { useDeed } from '../basics/useDeed';
import { PictureFinder } from '../pictures/PictureFinder';
import { PictureLines } from '../pictures/PictureLines';

interface PicturesPageProps {
  readonly classId: string;
  readonly pictures: readonly ClassPicture[];
}

/** The class pictures for a teacher, who can take one out. */
export function PicturesPage({ classId, pictures }: PicturesPageProps) {
  const t = useTranslations('pictures');
  const { act, busy, problem } = useDeed();
  const [asked, setAsked] = useState<string | null>(null);
  return (
    <main className="page" id="main">
      <h1 className="says">{t('says', { count: pictures.length })}</h1>
      <p className="under mb-5">{t('under')}</p>
      <p className="problem" role="alert">
        {problem}
      </p>
      <PictureFinder pictures={pictures}>
        {(found) => (
          <PictureLines
            pictures={found}
            chosen={null}
            onChoose={null}
            more={(picture) =>
              asked === picture.id ? (
                <span className="grid gap-1 text-[14px]">
                  {picture.shownIn.length
                    ? t('usedIn', { titles: picture.shownIn.join('; ') })
                    : t('usedNowhere')}
                  <span className="flex gap-3">
                    <button
                      type="button"
                      className="act"
                      disabled={busy}
                      onClick={() => void act(takeOutPicture, { classId, pictureId: picture.id })}
                    >
                      {t('takeOut')}
                    </button>
                    <button type="button" className="act" onClick={() => setAsked(null)}>
                      {t('leave')}
                    </button>
                  </span>
                </span>
              ) : (
                <button
                  type="button"
                  className="act justify-self-start"
                  aria-label={t('takeOutName', { name: picture.description || picture.by })}
                  onClick={() => setAsked(picture.id)}
                >
                  {t('takeOutAsk')}
                </button>
              )
            }
          />
        )}
      </PictureFinder>
    </main>
  );
}
