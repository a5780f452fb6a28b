'use client';

import { useFormatter, useTranslations } from 'next-intl';
import type { TalkPost } from '../../contract/gradebook/sheetShown';

/** The height of the longest one, in pixels. */
const HIGHEST = 96;
/** So many posts stand beside each other on a sheet of paper. */
const MOST_POSTS = 6;

/** How long each hand-in was: a slat for each, by post. */
export function Growth({ posts }: { readonly posts: readonly TalkPost[] }) {
  const t = useTranslations('talk');
  const format = useFormatter();
  const shown = posts.slice(-MOST_POSTS);
  const longest = Math.max(1, ...shown.flatMap(({ words }) => words));
  if (shown.length === 0) return null;
  return (
    <>
      <h2>{t('grown')}</h2>
      <p className="calm">{t('grownSays')}</p>
      <div className="talk-growth">
        {shown.map(({ id, title, words }) => (
          <div key={id} style={{ flexGrow: words.length + 0.5 }}>
            <div className="talk-fence">
              {words.map((count, at) => (
                <span key={at} role="img" aria-label={t('words', { title, count })}>
                  <b aria-hidden>{format.number(count)}</b>
                  <i style={{ height: Math.max(10, (HIGHEST * count) / longest) }} />
                </span>
              ))}
            </div>
            <b dir="auto">{title}</b>
            <small>{t('times', { count: words.length })}</small>
          </div>
        ))}
      </div>
    </>
  );
}
