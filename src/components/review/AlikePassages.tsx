'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { addressesOf, reviewAddress } from '../../contract/addresses';
import { compareOwnWords, type AlikeShown } from '../../contract/reviews/compareOwnWords';
import type { Passage } from '../../core/notes/passage';
import { call } from '../basics/call';
import { useRefusal } from '../basics/useRefusal';
import type { ReviewProps } from './reviewProps';

interface AlikePassagesProps extends Pick<ReviewProps, 'classId' | 'postId' | 'handInId' | 'mayOpenOrigin'> {
  /** Leads to a passage of the text. */
  readonly onShow: (passage: Passage) => void;
  /** Begins a note on it that asks where it is from. */
  readonly onAsk: (passage: Passage) => void;
}

/** What of a hand-in stands in other posts and given sources too, both passages side by side; looked up when it is asked for. */
export function AlikePassages({ postId, handInId, ...props }: AlikePassagesProps) {
  const t = useTranslations('review.alike');
  const refusal = useRefusal();
  const [found, setFound] = useState<readonly AlikeShown[] | string | null>(null);
  useEffect(() => {
    let here = true;
    void call(compareOwnWords, { postId, handInId }).then((outcome) => {
      if (here) setFound(outcome.ok ? outcome.value : refusal(outcome));
    });
    return () => {
      here = false;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the words of a refusal are no reason to look again
  }, [postId, handInId]);
  return (
    <section className="mt-3 border-t border-line pt-2" aria-label={t('heading')}>
      <b className="block">{t('heading')}</b>
      {found === null ? (
        <p className="text-ink-2">{t('looking')}</p>
      ) : typeof found === 'string' ? (
        <p className="problem">{found}</p>
      ) : found.length === 0 ? (
        <p>{t('none')}</p>
      ) : (
        <ul className="alike-texts">
          {found.map((other, index) => (
            <li key={index}>
              <AlikeText {...other} {...props} />
            </li>
          ))}
        </ul>
      )}
      {props.mayOpenOrigin ? (
        <Link
          className="act mt-2 inline-block"
          href={addressesOf(props.classId).origin(postId)}
          prefetch={false}
        >
          {t('origin')}
        </Link>
      ) : null}
    </section>
  );
}

function AlikeText({ onShow, onAsk, ...other }: AlikeShown & Pick<AlikePassagesProps, 'onShow' | 'onAsk'>) {
  const t = useTranslations('review.alike');
  const { kind, name, assignment, className, handedIn, words, postId, passages } = other;
  return (
    <>
      <b dir="auto">
        {kind === 'post'
          ? t('post', { name, assignment })
          : kind === 'source'
            ? t('source', { name })
            : kind === 'hidden'
              ? t('classmates', { assignment })
              : t('elsewhere')}
      </b>
      <span className="block text-ink-2">
        {[
          className ? t('inClass', { className }) : null,
          handedIn ? t('handedIn', { when: handedIn }) : null,
          t('words', { count: words }),
        ]
          .filter(Boolean)
          .join(' · ')}{' '}
        {postId === null ? null : (
          <Link className="act" href={reviewAddress(postId)} prefetch={false}>
            {t('open')} <span className="sr-only">{name}</span>
          </Link>
        )}
      </span>
      {kind === 'elsewhere' ? <span className="block">{t('whyNot')}</span> : null}
      {passages.length > 0 ? (
        <ul>
          {passages.map((passage, index) => (
            <li key={index} className="both">
              <div>
                <span className="under">{t('here')}</span>
                <q dir="auto">{passage.here}</q>
                <button type="button" className="act" onClick={() => onShow(passage)}>
                  {t('show')} <span className="sr-only">{passage.here.slice(0, 60)}</span>
                </button>{' '}
                <button type="button" className="act plum" onClick={() => onAsk(passage)}>
                  {t('ask')} <span className="sr-only">{passage.here.slice(0, 60)}</span>
                </button>
              </div>
              <div>
                <span className="under">{t('there')}</span>
                <q dir="auto">
                  <span className="text-ink-2">{passage.there.before}</span>
                  {passage.there.text}
                  <span className="text-ink-2">{passage.there.after}</span>
                </q>
              </div>
            </li>
          ))}
        </ul>
      ) : null}
    </>
  );
}
