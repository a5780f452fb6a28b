'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { takeOutPicture } from '../../contract/pictures/takeOutPicture';
import type { ClassPicture } from '../../core/posts/classPicture';
import { useDeed } from '../basics/useDeed';
import { PictureFinder } from '../pictures/PictureFinder';
import { PictureLines } from '../pictures/PictureLines';
import { WhoIsIn } from '../pictures/WhoIsIn';

interface PicturesPageProps {
  readonly classId: string;
  /** Whether whoever looks may take one out. */
  readonly guards: boolean;
  readonly pictures: readonly ClassPicture[];
}

/** The class pictures for a teacher, who can take one out. */
export function PicturesPage({ classId, guards, pictures }: PicturesPageProps) {
  const t = useTranslations('pictures');
  return (
    <main className="page" id="main">
      <h1 className="says">{t('says', { count: pictures.length })}</h1>
      <p className="under mb-5">{t('under')}</p>
      <PictureFinder pictures={pictures}>
        {(found) => (
          <PictureLines
            pictures={found}
            chosen={null}
            onChoose={null}
            more={(picture) => (
              <>
                <Who classId={classId} pictureId={picture.id} name={picture.description || picture.by} />
                {guards ? <TakeOut classId={classId} picture={picture} /> : null}
              </>
            )}
          />
        )}
      </PictureFinder>
    </main>
  );
}

/** Saying who is in a picture, asked for at the picture. */
function Who({
  classId,
  pictureId,
  name,
}: {
  readonly classId: string;
  readonly pictureId: string;
  readonly name: string;
}) {
  const t = useTranslations('pictures');
  const [asking, setAsking] = useState(false);
  return asking ? (
    <WhoIsIn classId={classId} pictureId={pictureId} onClose={() => setAsking(false)} />
  ) : (
    <button
      type="button"
      className="act justify-self-start"
      aria-label={t('whoIsInName', { name })}
      onClick={() => setAsking(true)}
    >
      {t('whoIsIn')}
    </button>
  );
}

/** Taking a picture out of the class pictures, once it was said what shows it. */
function TakeOut({ classId, picture }: { readonly classId: string; readonly picture: ClassPicture }) {
  const t = useTranslations('pictures');
  const { act, busy, problem } = useDeed();
  const [asking, setAsking] = useState(false);
  if (!asking)
    return (
      <button
        type="button"
        className="act justify-self-start"
        aria-label={t('takeOutName', { name: picture.description || picture.by })}
        onClick={() => setAsking(true)}
      >
        {t('takeOutAsk')}
      </button>
    );
  return (
    <span className="grid gap-1 text-[14px]">
      {picture.shownIn.length ? t('usedIn', { titles: picture.shownIn.join('; ') }) : t('usedNowhere')}
      <span className="flex gap-3">
        <button
          type="button"
          className="act"
          disabled={busy}
          onClick={() => void act(takeOutPicture, { classId, pictureId: picture.id })}
        >
          {t('takeOut')}
        </button>
        <button type="button" className="act" data-leave="" onClick={() => setAsking(false)}>
          {t('leave')}
        </button>
      </span>
      <span className="problem" role="alert">
        {problem}
      </span>
    </span>
  );
}
