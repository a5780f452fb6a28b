import { useTranslations } from 'next-intl';
import { letteringProperties, type Lettering, type Look } from '../../core/looks/looks';
import { WorryAboutHandIn } from '../worries/WorryAboutHandIn';
import { Blog } from './Blog';

export interface KeptPageProps {
  readonly blog: Look;
  readonly title: string;
  readonly subtitle: string;
  readonly html: string;
  readonly lettering: Lettering | '';
  readonly writer: string;
  readonly handedIn: string;
  readonly receipt: string;
  readonly words: number;
  readonly takenBack: boolean;
  /** The post, for who reads it and did not write it. */
  readonly tellsAbout: string | null;
}

/** A hand-in, kept as it was. */
export function KeptPage({
  blog,
  title,
  subtitle,
  html,
  lettering,
  writer,
  handedIn,
  receipt,
  words,
  takenBack,
  tellsAbout,
}: KeptPageProps) {
  const t = useTranslations('kept');
  return (
    <Blog look={blog}>
      <main id="main" className="post-body !mt-0 pt-8" style={letteringProperties(lettering)}>
        <p className="border-y border-line py-2 text-ink-2">
          {t('line', { writer, when: handedIn, words, receipt })} {takenBack ? t('takenBack') : t('onlyYou')}{' '}
          <a href="/today">{t('toDesk')}</a>
        </p>
        <h1 className="post-title mt-5">{title || t('untitled')}</h1>
        {subtitle ? (
          <p className="mt-2 font-read text-[20px] text-ink-2" dir="auto">
            {subtitle}
          </p>
        ) : null}
        <div className="prose mt-5" dangerouslySetInnerHTML={{ __html: html }} />
        {tellsAbout ? <WorryAboutHandIn postId={tellsAbout} /> : null}
      </main>
    </Blog>
  );
}
