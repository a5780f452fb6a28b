'use client';

import { useTranslations } from 'next-intl';
import { usePathname } from 'next/navigation';
import { tellWorry } from '../../contract/doors/tellWorry';
import { ask } from '../basics/call';
import { TellWorry } from '../worries/TellWorry';

interface TellAboutPostProps {
  /** Whether who reads belongs to the class. */
  readonly inClass: boolean;
  /** A comment that it is about, and whose that is; the post itself where there is none. */
  readonly commentId?: string;
  readonly about?: string;
}

/** Under every post and comment: something is wrong here. Only those who look after worries see what is told. */
export function TellAboutPost({ inClass, commentId, about }: TellAboutPostProps) {
  const t = useTranslations('worry');
  const [, , blog = '', post = ''] = usePathname().split('/');
  return (
    <TellWorry
      label={
        commentId
          ? t(inClass ? 'openComment' : 'openTeacherComment', { name: about ?? '' })
          : t(inClass ? 'open' : 'openTeacher')
      }
      tell={(words) =>
        ask(tellWorry, {
          blog: decodeURIComponent(blog),
          post: decodeURIComponent(post),
          words,
          ...(commentId ? { comment: commentId } : {}),
        })
      }
      className={commentId ? '' : 'mt-8'}
    />
  );
}
