import { pictureAddress } from '../../core/document/pictureAddress';
import type { Audience } from '../../core/access/audience';
import { blogAddresses } from '../../core/blog/addresses';
import { letteringProperties, type Lettering } from '../../core/looks/looks';
import type { EntryLink } from '../../core/posts/entryLinks';
import { Comments, type CommentsShown } from './Comments';
import { NarrowPost } from './NarrowPost';
import { InnerPage, type InnerPageProps } from './InnerPage';
import { AroundPost, type AroundShown } from './AroundPost';
import { AwayOnPage } from './AwayOnPage';
import type { Tried } from './PlainForm';
import type { CardShown } from './PostCard';
import { TellAboutPost, type ToldHere } from './TellAboutPost';
import { WriterName } from './WriterName';

export interface PostPageProps extends CardShown, InnerPageProps {
  readonly tried: Tried | null;
  readonly told: ToldHere | null;
  readonly postId: string;
  /** Null for a post that nobody asked for. */
  readonly assignmentId: string | null;
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
  readonly around: AroundShown;
  /** Null for readers from outside, who see none. */
  readonly comments: CommentsShown | null;
  /** Whether who reads it can let fewer people read it. */
  readonly narrows: boolean;
  /** Where its notes, its grade and its readers are, for who teaches the class. */
  readonly review: string | null;
}

/** One post, as its readers see it. */
export function PostPage({
  say,
  tried,
  told,
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
  around,
  comments,
  narrows,
  review,
  ...post
}: PostPageProps) {
  const t = say.blog;
  const at = blogAddresses(blog.address);
  return (
    <InnerPage say={say} blog={blog} signedIn={signedIn} readerName={readerName} pages={pages}>
      <main id="main">
        <article style={letteringProperties(lettering)}>
          <header className={post.cover ? 'post-head' : 'post-head bare'}>
            <div className="words">
              {post.assignmentId && post.assignmentTitle ? (
                <p className="kind mb-2">
                  <a href={at.assignment(post.assignmentId)}>{post.assignmentTitle}</a>
                </p>
              ) : null}
              <h1>{post.title}</h1>
              {post.subtitle ? (
                <p className="mt-3 font-read text-[20px] text-ink-2">{post.subtitle}</p>
              ) : null}
              <p className="byline !mt-5">
                <span className="mono" aria-hidden="true">
                  {post.writer.monogram}
                </span>
                <span>
                  <b className="block text-ink">
                    <WriterName writer={post.writer} />
                  </b>
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
            {away ? (
              <AwayOnPage t={say.awayWords} tried={tried} postId={post.postId} comment={null} {...away} />
            ) : null}
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
              <ul className="label-list" aria-label={t('labelsOf')}>
                {labels.map((label) => (
                  <li key={label}>
                    <a href={at.label(label)} dir="auto">
                      {label}
                    </a>
                  </li>
                ))}
              </ul>
            ) : null}
            <AroundPost t={t} around={around} />
            {comments ? (
              <Comments say={say} tried={tried} told={told} postId={post.postId} {...comments} />
            ) : null}
            <TellAboutPost t={say.worry} tried={tried} told={told} inClass={inClass} comment={null} />
            {review ? (
              <p className="mt-6 border-t border-line pt-4">
                <a className="act" href={review}>
                  {t('review')}
                </a>
              </p>
            ) : null}
            {narrows ? <NarrowPost say={say} tried={tried} postId={post.postId} audience={audience} /> : null}
          </div>
        </article>
      </main>
    </InnerPage>
  );
}
