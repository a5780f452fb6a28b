import type { Audience } from '../../core/access/audience';
import { InnerPage, type InnerPageProps } from './InnerPage';

interface BlogPageProps extends InnerPageProps {
  readonly title: string;
  readonly address: string;
  readonly html: string;
  /** When readers got it, in words. */
  readonly changed: string;
  readonly audience: Audience;
  /** Where whoever tends pages goes on with it; null for everybody else. */
  readonly desk: string | null;
}

/** A page of a class blog, as its readers see it. */
export function BlogPage({ title, address, html, changed, audience, desk, ...frame }: BlogPageProps) {
  const t = frame.say.blog;
  return (
    <InnerPage {...frame} current={address}>
      <main id="main" className="post-body !mt-0 pt-8">
        <h1 className="post-title">{title}</h1>
        <p className="mt-2 mb-6 text-ink-2">
          {t('pageLine', { date: changed, audience })}{' '}
          {desk ? (
            <a className="act" href={desk}>
              {t('tendPage')}
            </a>
          ) : null}
        </p>
        <div className="prose" dangerouslySetInnerHTML={{ __html: html }} />
      </main>
    </InnerPage>
  );
}
