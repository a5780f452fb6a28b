'use client';

import { useTranslations } from 'next-intl';
import { worryAboutHandIn } from '../../contract/worries/worryAboutHandIn';
import { call } from '../basics/call';
import { TellWorry } from './TellWorry';

/** At a hand-in: that it is worrying. */
export function WorryAboutHandIn({ postId }: { readonly postId: string }) {
  const t = useTranslations('worry');
  return (
    <TellWorry
      label={t('open')}
      tell={(words) => call(worryAboutHandIn, { postId, words })}
      className="mt-5"
    />
  );
}
