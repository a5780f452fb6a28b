'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { narrowPost } from '../../contract/publications/narrowPost';
import { audiencesUpTo, type Audience } from '../../core/access/audience';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';

interface NarrowPostProps {
  readonly postId: string;
  readonly audience: Audience;
  /** The class blog, which is left for when the post is taken down. */
  readonly blog: string;
}

/** For teachers, under a post: lets fewer people read it or takes it down, and says what that does not undo. */
export function NarrowPost({ postId, audience, blog }: NarrowPostProps) {
  const t = useTranslations('blog.narrow');
  const names = useTranslations('audience');
  const router = useRouter();
  const [wanted, setWanted] = useState<Audience>('writerAndTeachers');
  const { busy, problem, wait } = useAsking();
  const narrow = async () => {
    const outcome = await wait(call(narrowPost, { postId, audience: wanted }));
    if (!outcome.ok) return;
    if (wanted === 'writerAndTeachers') window.location.assign(blog);
    else router.refresh();
  };
  return (
    <details className="mt-6 border-t border-line pt-4">
      <summary className="font-semibold text-porch">{t('summary')}</summary>
      <p className="mt-2 text-ink-2">{t('whatItMeans')}</p>
      <span className="mt-3 flex flex-wrap items-center gap-4">
        <label className="flex items-center gap-2">
          {t('whoReads')}
          <select
            className="field !w-auto"
            value={wanted}
            onChange={(event) =>
              setWanted(
                audiencesUpTo(audience).find((one) => one === event.target.value) ?? 'writerAndTeachers',
              )
            }
          >
            {audiencesUpTo(audience)
              .slice(0, -1)
              .map((one) => (
                <option key={one} value={one}>
                  {names(one)}
                </option>
              ))}
          </select>
        </label>
        <button type="button" className="btn" disabled={busy} onClick={() => void narrow()}>
          {t(wanted === 'writerAndTeachers' ? 'takeDown' : 'narrow')}
        </button>
      </span>
      <p className="problem" role="alert">
        {problem}
      </p>
    </details>
  );
}
