import { useTranslations } from 'next-intl';
import type { HeldComments as Held } from '../../contract/comments/heldComments';
import { useNumberInWords } from '../basics/useNumberInWords';
import { CommentRailing } from './CommentRailing';
import { HeldComment } from './HeldComment';

/** The comments of a class that wait until somebody has read them, those that were kept back, and what makes one wait. */
export function HeldComments({ waiting, keptBack, ...rules }: Held) {
  const t = useTranslations('heldComments');
  const inWords = useNumberInWords();
  const count = waiting.length;
  return (
    <div className="held-page">
      <main className="page" id="main">
        <h1 className="says">{t('says', { count, inWords: inWords(count) })}</h1>
        <p className="under">{t(count > 0 ? 'under' : 'underNone')}</p>
        {count > 0 ? (
          <ol className="held-comments" aria-label={t('waiting')}>
            {waiting.map((one) => (
              <HeldComment key={one.id} {...one} />
            ))}
          </ol>
        ) : null}
        {keptBack.length > 0 ? (
          <details className="mt-6">
            <summary className="section-head cursor-pointer">
              {t('keptBack', { count: keptBack.length })}
            </summary>
            <ol className="held-comments">
              {keptBack.map((one) => (
                <HeldComment key={one.id} {...one} />
              ))}
            </ol>
          </details>
        ) : null}
      </main>
      <CommentRailing {...rules} />
    </div>
  );
}
