'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useCallback, useMemo, useState } from 'react';
import { reviewAddress } from '../../contract/addresses';
import { LARGE_PIECE } from '../../core/origin/countSave';
import { MarkedText } from '../notes/MarkedText';
import { NO_MARKS } from '../notes/markPage';
import { NotesBeside } from '../notes/NotesBeside';
import type { PageText } from '../notes/pageText';
import type { OriginProps, OriginShown, PieceShown } from './originProps';

const NO_PICTURES: ReadonlyMap<string, readonly string[]> = new Map();

/** The text with the pieces that came at once marked in their place, and what is known of each beside it. */
export function PiecesInPlace({
  own,
  postId,
  shown,
}: Pick<OriginProps, 'own' | 'postId'> & { readonly shown: OriginShown }) {
  const t = useTranslations('origin');
  const [page, setPage] = useState<PageText | null>(null);
  const { html, pieces } = shown;
  const marks = useMemo(
    () => ({
      ...NO_MARKS,
      noted: pieces.flatMap(({ passages }, index) =>
        passages.map((one) => ({ id: `piece-${index}`, ...one })),
      ),
    }),
    [pieces],
  );
  const marksFor = useCallback(() => marks, [marks]);
  const onRead = useCallback((read: PageText) => setPage(read), []);
  const standing = pieces
    .map((piece, index) => ({ ...piece, id: `piece-${index}` }))
    .filter(({ passages }) => passages.length > 0)
    .toSorted((one, another) => (one.passages[0]?.from ?? 0) - (another.passages[0]?.from ?? 0));
  const gone = pieces.filter(({ passages }) => passages.length === 0);
  return (
    <div className="spread origin-text">
      <aside className="margin-start" aria-label={t('figures')}>
        <p>
          {t('sums', { ...shown.sum })} <b>{t('stand', { count: shown.words })}</b>
        </p>
        {shown.sum.back > 0 ? <p>{t('cameBack', { count: shown.sum.back })}</p> : null}
        {shown.before > 0 ? <p>{t('before', { count: shown.before })}</p> : null}
        <p>{t('neverShown')}</p>
        <p>{t.rich('large', { most: LARGE_PIECE, b: (chunks) => <b>{chunks}</b> })}</p>
        {gone.map((piece, index) => (
          <p key={index}>
            <b>{t('piece', { day: piece.day, count: piece.words })}</b> {t('noneStands')}
          </p>
        ))}
        {shown.manyPieces ? <p>{t('manyPieces', { most: pieces.length })}</p> : null}
      </aside>
      <article className="sheet-text">
        <h2 className="post-title">{shown.title || t('untitled')}</h2>
        <MarkedText
          html={html}
          marksFor={marksFor}
          pictureNotes={NO_PICTURES}
          atPicture={null}
          onRead={onRead}
        />
      </article>
      <aside className="margin-end pr-6" aria-label={t('piecesLabel')}>
        <NotesBeside
          label={t('piecesLabel')}
          text={page}
          notes={standing.map((piece) => ({
            id: piece.id,
            shown: <PieceBeside {...piece} pinTo={own ? null : postId} />,
          }))}
        />
      </aside>
    </div>
  );
}

function PieceBeside({
  day,
  words,
  standing,
  passages,
  pinTo,
}: PieceShown & {
  /** The post that a note can be pinned in; null for who only looks. */
  readonly pinTo: string | null;
}) {
  const t = useTranslations('origin');
  const [first] = passages;
  return (
    <div className="note piece">
      <b>{t('piece', { day, count: words })}</b>
      <p>{t(standing === words ? 'allStand' : 'someStand', { count: standing })}</p>
      {pinTo && first ? (
        <Link
          className="act plum"
          href={`${reviewAddress(pinTo)}?pin=${first.from}-${first.to}`}
          prefetch={false}
        >
          {t('pin')}
        </Link>
      ) : null}
    </div>
  );
}
