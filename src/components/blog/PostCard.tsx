import { pictureAddress } from '../../core/document/pictureAddress';
import type { SayOf } from './readersWords';

export interface CardShown {
  readonly address: string;
  readonly title: string;
  /** A line under the title; empty where there is none. */
  readonly subtitle: string;
  readonly teaser: string;
  readonly words: number;
  /** Null for a post that nobody asked for. */
  readonly assignmentTitle: string | null;
  readonly published: string;
  readonly cover: { readonly src: string; readonly description: string } | null;
  readonly writer: {
    readonly name: string;
    readonly monogram: string;
    /** Where their posts stand; null where they have nowhere now. */
    readonly address: string | null;
  };
}

/** A post on the front page; the newest leads with a large picture. */
export function PostCard({
  t,
  card,
  lead = false,
}: {
  readonly t: SayOf<'blog'>;
  readonly card: CardShown;
  readonly lead?: boolean;
}) {
  const picture = card.cover ? (
    <img
      className="cover"
      src={pictureAddress(card.cover.src, 960)}
      srcSet={`${pictureAddress(card.cover.src, 480)} 480w, ${pictureAddress(card.cover.src, 960)} 960w`}
      sizes="(max-width: 760px) 100vw, 430px"
      alt={card.cover.description}
      loading={lead ? 'eager' : 'lazy'}
    />
  ) : null;
  const words = (
    <div>
      {lead && card.assignmentTitle ? <p className="kind mb-1">{card.assignmentTitle}</p> : null}
      <h2>{card.title}</h2>
      <p className="teaser mt-1">{card.teaser}</p>
      <p className="byline">
        <span className="mono" aria-hidden="true">
          {card.writer.monogram}
        </span>
        {t('byline', { name: card.writer.name, date: card.published, words: card.words })}
      </p>
    </div>
  );
  return (
    <article className={lead ? 'card first' : 'card min-w-0'}>
      <a className={lead && picture ? 'whole lead' : 'whole'} href={card.address}>
        {picture}
        {words}
      </a>
    </article>
  );
}
