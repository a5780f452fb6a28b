import { pictureAddress } from '../../core/document/pictureAddress';
import type { CardShown } from './PostCard';
import type { SayOf } from './readersWords';

interface PostLineProps {
  readonly t: SayOf<'blog'>;
  readonly post: CardShown & { readonly comments: number };
}

/** A post in a list: its picture small, and who wrote it when. */
export function PostLine({ t, post }: PostLineProps) {
  return (
    <article className="post-line">
      {post.cover ? (
        <img src={pictureAddress(post.cover.src, 480)} alt="" loading="lazy" />
      ) : (
        <span className="no-picture" aria-hidden="true" />
      )}
      <div>
        <h2>
          <a href={post.address}>{post.title}</a>
        </h2>
        <p className="teaser">{post.teaser}</p>
      </div>
      <p className="about">
        <b>{post.writer.name}</b>
        <span>{post.published}</span>
        <span>{t('lineWords', { words: post.words, comments: post.comments })}</span>
      </p>
    </article>
  );
}
