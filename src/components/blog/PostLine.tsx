import type { Passage, Piece } from '../../core/search/found';
import { pictureAddress } from '../../core/document/pictureAddress';
import type { CardShown } from './PostCard';
import type { SayOf } from './readersWords';
import { WriterName } from './WriterName';

export interface FoundShown {
  readonly title: readonly Piece[];
  readonly inTitle: boolean;
  /** Around the best place in its text; null where they stand in its title alone. */
  readonly passage: Passage | null;
  /** In how many places of its text they stand. */
  readonly inText: number;
}

interface PostLineProps {
  readonly t: SayOf<'blog'>;
  readonly post: CardShown & {
    readonly comments: number;
    /** Where words stand in it that were looked for; null where none were. */
    readonly found: FoundShown | null;
  };
}

/** A post in a list: its picture small, and who wrote it when. */
export function PostLine({ t, post }: PostLineProps) {
  const { found } = post;
  return (
    <article className="post-line">
      {post.cover ? (
        <img src={pictureAddress(post.cover.src, 480)} alt="" loading="lazy" />
      ) : (
        <span className="no-picture" aria-hidden="true" />
      )}
      <div>
        <h2>
          <a href={post.address}>{found ? <Pieces pieces={found.title} /> : post.title}</a>
        </h2>
        <p className="teaser">{found?.passage ? <Around passage={found.passage} /> : post.teaser}</p>
      </div>
      <p className="about">
        <b>
          <WriterName writer={post.writer} />
        </b>
        <span>{post.published}</span>
        <span>
          {found
            ? t('placesFound', { title: String(found.inTitle), count: found.inText })
            : t('lineWords', { words: post.words, comments: post.comments })}
        </span>
      </p>
    </article>
  );
}

/** Some words of the post, as a quotation. */
function Around({ passage: { pieces, before, after } }: { readonly passage: Passage }) {
  return (
    <q>
      {before ? '… ' : ''}
      <Pieces pieces={pieces} />
      {after ? ' …' : ''}
    </q>
  );
}

function Pieces({ pieces }: { readonly pieces: readonly Piece[] }) {
  return pieces.map(({ text, found }, index) => (found ? <mark key={index}>{text}</mark> : text));
}
