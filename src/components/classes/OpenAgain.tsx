'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { reviewAddress } from '../../contract/addresses';
import { openAgain } from '../../contract/publications/openAgain';
import type { OpenableAgain } from '../../contract/publications/drawnBack';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';

interface OpenAgainProps {
  readonly classId: string;
  readonly openable: readonly OpenableAgain[];
}

/** What was drawn back, and the way to open again what may go further by now. */
export function OpenAgain({ classId, openable }: OpenAgainProps) {
  const t = useTranslations('privacy.again');
  const by = useTranslations('privacy');
  const router = useRouter();
  const { busy, problem, wait } = useAsking();
  const [opened, setOpened] = useState(0);
  if (openable.length === 0 && opened === 0) return null;
  // What may go no further than it does now stays, and says why.
  const ready = openable.filter((post) => post.further);
  return (
    <section>
      {openable.length > 0 ? (
        <>
          <h2 className="section-head">{t('heading', { count: openable.length })}</h2>
          <p className="under">{t('means')}</p>
          <ul className="mt-2 max-h-96 overflow-auto">
            {openable.map((post) => (
              <li key={post.postId} className="border-b border-line py-2">
                <Link className="act" href={reviewAddress(post.postId)} prefetch={false} dir="auto">
                  {by('byWriter', { title: post.title, writer: post.writer })}
                </Link>
                <span className="block text-ink-2">
                  {post.further ? t('would', { audience: post.to }) : null}{' '}
                  {post.heldBack
                    ? t(`stays.${post.heldBack}`, { name: post.writer, ...post.inPictures })
                    : null}
                </span>
              </li>
            ))}
          </ul>
        </>
      ) : null}
      <p role="alert" className="problem">
        {problem}
      </p>
      <p role="status">{opened > 0 ? t('opened', { count: opened }) : null}</p>
      {ready.length > 0 ? (
        <button
          type="button"
          className="btn go mt-3"
          disabled={busy}
          onClick={async () => {
            const postIds = ready.map((post) => post.postId);
            const outcome = await wait(call(openAgain, { classId, postIds }));
            if (outcome.ok) setOpened(outcome.value.opened);
            router.refresh();
          }}
        >
          {t('open', { count: ready.length })}
        </button>
      ) : null}
    </section>
  );
}
