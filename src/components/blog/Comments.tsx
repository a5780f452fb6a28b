'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { takeBackComment } from '../../contract/comments/takeBackComment';
import { decideComment } from '../../contract/comments/decideComment';
import { writeComment } from '../../contract/comments/writeComment';
import type { CommentState, KeptBackFor, WaitReason } from '../../core/comments/rules';
import { useDeed } from '../basics/useDeed';
import { AwayWords } from '../worries/AwayWords';
import { TellAboutPost } from './TellAboutPost';

interface CommentShown {
  readonly id: string;
  readonly author: string;
  readonly monogram: string;
  readonly own: boolean;
  readonly when: string;
  readonly text: string;
  readonly state: CommentState;
  readonly version: number;
  /** Whether whoever reads decides about it. */
  readonly tends: boolean;
  /** Why it waits or waited, for who decides about it. */
  readonly reasons: readonly WaitReason[];
  /** Why it was kept back, where somebody said. */
  readonly keptFor: KeptBackFor | null;
  /** Whether a worry keeps it away; null where it does not. */
  readonly away: { readonly putsBack: boolean } | null;
}

export interface CommentsShown {
  readonly list: readonly CommentShown[];
}

const LONGEST = 2000;

/** What the class says under a post, and saying something. Nobody outside the class sees it. */
export function Comments({ postId, list }: CommentsShown & { readonly postId: string }) {
  const t = useTranslations('blog.comments');
  const id = useId();
  const { act, busy, problem } = useDeed();
  const [text, setText] = useState('');
  const write = async () => {
    if (await act(writeComment, { postId, text })) setText('');
  };
  return (
    <section className="mt-10 border-t-[5px] border-porch pt-4" aria-labelledby={`${id}-title`}>
      <h2 id={`${id}-title`} className="font-read text-[22px] font-semibold">
        {t('title', { count: list.filter((one) => one.state === 'shown').length })}
      </h2>
      <p className="text-[14px] text-ink-2">{t('who')}</p>
      <ol className="mt-3 grid gap-4">
        {list.map((one) => (
          <li key={one.id} className="grid grid-cols-[38px_1fr] gap-x-3">
            <span className="mono" aria-hidden="true">
              {one.monogram}
            </span>
            <div
              className={one.state !== 'shown' || one.away ? 'border-l-4 border-edge pl-3 text-ink-2' : ''}
            >
              <p className="text-[14px] text-ink-2">
                <b className="text-ink">{one.author}</b>, {one.when}
                {one.state === 'waits' ? ` · ${t(one.own ? 'youWait' : 'waits')}` : ''}
                {one.state === 'keptBack' ? ` · ${t('keptBack', { why: one.keptFor ?? 'none' })}` : ''}
              </p>
              <p className="either-way whitespace-pre-wrap font-read text-[17px]">{one.text}</p>
              {one.away ? (
                <AwayWords
                  postId={postId}
                  comment={{ id: one.id, author: one.author }}
                  own={one.own}
                  putsBack={one.away.putsBack}
                />
              ) : null}
              <span className="flex flex-wrap items-start gap-x-4">
                {one.own ? (
                  <button
                    type="button"
                    className="act"
                    disabled={busy}
                    onClick={() => void act(takeBackComment, { commentId: one.id })}
                  >
                    {t('takeBack')}
                  </button>
                ) : (
                  <TellAboutPost inClass commentId={one.id} about={one.author} />
                )}
                {one.tends ? (
                  <button
                    type="button"
                    className="act"
                    disabled={busy}
                    onClick={() =>
                      void act(decideComment, {
                        commentId: one.id,
                        version: one.version,
                        state: one.state === 'shown' ? 'keptBack' : 'shown',
                        keptFor: null,
                      })
                    }
                  >
                    {t(one.state === 'shown' ? 'hide' : 'show', { name: one.author })}
                  </button>
                ) : null}
              </span>
            </div>
          </li>
        ))}
      </ol>
      <form
        className="mt-5 grid max-w-[560px] gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void write();
        }}
      >
        <label className="font-semibold" htmlFor={`${id}-text`}>
          {t('say')}
        </label>
        <span className="text-[13.5px] text-ink-2">{t('help')}</span>
        <textarea
          dir="auto"
          id={`${id}-text`}
          className="field min-h-20 font-read !text-[17px] [field-sizing:content]"
          maxLength={LONGEST}
          value={text}
          aria-invalid={problem !== ''}
          aria-describedby={`${id}-problem`}
          onChange={(event) => setText(event.target.value)}
        />
        <p id={`${id}-problem`} className="problem" role="alert">
          {problem}
        </p>
        <button className="btn justify-self-start" disabled={busy}>
          {t('write')}
        </button>
      </form>
    </section>
  );
}
