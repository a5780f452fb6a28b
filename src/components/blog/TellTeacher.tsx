'use client';

import { useTranslations } from 'next-intl';
import { usePathname } from 'next/navigation';
import { useId, useState } from 'react';
import { tellTeacher } from '../../contract/doors/tellTeacher';
import { ask } from '../basics/call';
import { useAsking } from '../basics/useAsking';

interface TellTeacherProps {
  /** A comment that it is about, and whose that is; the post itself where there is none. */
  readonly commentId?: string;
  readonly about?: string;
}

/** Under every post and comment: something is wrong here, tell a teacher. Nobody else sees what is told. */
export function TellTeacher({ commentId, about }: TellTeacherProps) {
  const t = useTranslations('blog.tell');
  const id = useId();
  const [, , blog = '', post = ''] = usePathname().split('/');
  const [open, setOpen] = useState(false);
  const [words, setWords] = useState('');
  const { busy, problem, wait } = useAsking();
  const [told, setTold] = useState(false);
  const tell = async () => {
    const input = {
      blog: decodeURIComponent(blog),
      post: decodeURIComponent(post),
      words,
      ...(commentId ? { comment: commentId } : {}),
    };
    setTold((await wait(ask(tellTeacher, input))).ok);
  };
  if (told)
    return (
      <p role="status" className={commentId ? 'text-ink-2' : 'mt-8 text-ink-2'}>
        {t('told')}
      </p>
    );
  return (
    <div className={commentId ? '' : 'mt-8'}>
      <button type="button" className="act" aria-expanded={open} onClick={() => setOpen(!open)}>
        {commentId ? t('openComment', { name: about ?? '' }) : t('open')}
      </button>
      {open ? (
        <form
          className="mt-3 grid max-w-[460px] gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void tell();
          }}
        >
          <label className="grid gap-1" htmlFor={id}>
            <span className="font-semibold">{t('what')}</span>
            <span className="text-[13.5px] text-ink-2">{t('who')}</span>
            <textarea
              id={id}
              className="field"
              rows={3}
              maxLength={2000}
              value={words}
              aria-invalid={problem !== ''}
              aria-describedby={`${id}-problem`}
              onChange={(event) => setWords(event.target.value)}
            />
          </label>
          <p id={`${id}-problem`} role="alert" className="problem">
            {problem}
          </p>
          <button className="btn justify-self-start" disabled={busy}>
            {t('send')}
          </button>
        </form>
      ) : null}
    </div>
  );
}
