import { useTranslations } from 'next-intl';
import Link from 'next/link';

export interface LeftPostShown {
  readonly postId: string;
  readonly title: string;
  readonly assignment: string;
  readonly inClass: string;
  readonly saved: string;
}

/** What somebody wrote in classes that they have left: still theirs to read and to take along. */
export function LeftWriting({ posts }: { readonly posts: readonly LeftPostShown[] }) {
  const t = useTranslations('leftWriting');
  if (posts.length === 0) return null;
  return (
    <section className="mt-10">
      <h2 className="section-head">{t('heading', { count: posts.length })}</h2>
      <ul className="rows">
        {posts.map((post) => (
          <li key={post.postId} className="sm:grid-cols-[1fr_auto]">
            <span>
              <b>{post.title || post.assignment}</b>
              <span className="calm block">
                {t('line', { assignment: post.assignment, inClass: post.inClass, saved: post.saved })}
              </span>
            </span>
            <Link
              className="btn"
              href={`/left/${post.postId}`}
              aria-label={t('readTitle', { title: post.title || post.assignment })}
            >
              {t('read')}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
