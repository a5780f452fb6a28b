import { pictureAddress } from '../../core/document/pictureAddress';
import { useTranslations } from 'next-intl';
import type { Audience } from '../../core/access/audience';
import { letteringProperties, type Lettering } from '../../core/looks/looks';
import type { EntryLink } from '../../core/posts/entryLinks';
import { Comments, type CommentsShown } from './Comments';
import { NarrowPost } from './NarrowPost';
import { InnerPage, type InnerPageProps } from './InnerPage';
import { AwayWords } from '../worries/AwayWords';
import { TellAboutPost } from './TellAboutPost';
import type { CardShown } from './PostCard';

export interface PostPageProps extends CardShown, InnerPageProps {
  readonly postId: string;
  readonly html: string;
  /** The ways to the entries of a growing post; none while there are few. */
  readonly entries: readonly EntryLink[];
  /** The typeface that the writer chose for this post; empty for the class's. */
  readonly lettering: Lettering | '';
  readonly labels: readonly string[];
  readonly audience: Audience;
  /** Whether who reads it belongs to the class. */
  readonly inClass: boolean;
  /** Whether a worry keeps it from its readers; null where it does not. */
  readonly away: { readonly own: boolean; readonly putsBack: boolean } | null;
  /** Null for readers from outside, who see none. */
  readonly comments: CommentsShown | null;
  /** Whether who reads it can let fewer people read it. */
  readonly narrows: boolean;
  /** Where its notes, its grade and its readers are, for who teaches the class. */
  readonly review: string | null;
}

/** One post, as its readers see it. */
export function PostPage({
  blog,
  signedIn,
  readerName,
  pages,
  html,
  lettering,
  entries,
  labels,
  audience,
  inClass,
  away,
  comments,
  narrows,
  review,
  ...post
}: PostPageProps) {
  const t = useTranslations('blog');
  return (
    <InnerPage blog={blog} signedIn={signedIn} readerName={readerName} pages={pages}>
      <main id="main">
        <article style={letteringProperties(lettering)}>
          <header className={post.cover ? 'post-head' : 'post-head bare'}>
            <div className="words">
              {post.assignmentTitle ? <p className="kind mb-2">{post.assignmentTitle}</p> : null}
              <h1>{post.title}</h1>
              {post.subtitle ? (
                <p className="mt-3 font-read text-[20px] text-ink-2">{post.subtitle}</p>
              ) : null}
              <p className="byline !mt-5">
                <span className="mono" aria-hidden="true">
                  {post.writer.monogram}
                </span>
                <span>
                  <b className="block text-ink">{post.writer.name}</b>
                  {t('published', {
                    date: post.published,
                    words: post.words,
                    audience,
                  })}
                </span>
              </p>
            </div>
            {post.cover ? <img src={pictureAddress(post.cover.src, 1600)} alt="" /> : null}
          </header>
          <div className="post-body">
            {away ? <AwayWords postId={post.postId} comment={null} {...away} /> : null}
            {entries.length ? (
              <nav aria-label={t('entries')} className="mb-6 border-y border-line py-3">
                <ol className="columns-2 gap-8 text-[15px]">
                  {entries.map((entry) => (
                    <li key={entry.id}>
                      <a href={`#${entry.id}`}>{entry.text}</a>
                    </li>
                  ))}
                </ol>
              </nav>
            ) : null}
            <div className="prose" dangerouslySetInnerHTML={{ __html: html }} />
            {labels.length ? (
              <p className="mt-8 border-t border-line pt-3 text-ink-2">
                {t('labels', { labels: labels.join(', ') })}
              </p>
            ) : null}
            {comments ? <Comments postId={post.postId} {...comments} /> : null}
            <TellAboutPost inClass={inClass} />
            {review ? (
              <p className="mt-6 border-t border-line pt-4">
                <a className="act" href={review}>
                  {t('review')}
                </a>
              </p>
            ) : null}
            {narrows ? (
              <NarrowPost postId={post.postId} audience={audience} blog={`/blog/${blog.address}`} />
            ) : null}
          </div>
        </article>
      </main>
    </InnerPage>
  );
}
