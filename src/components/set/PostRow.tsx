import type { InPicturesShown } from '../../contract/publications/inPicturesShown';
import { useTranslations } from 'next-intl';
import Link from 'next/link';
import type { Audience } from '../../core/access/audience';
import type { Stage } from '../../core/posts/stage';
import type { ReadersNow } from '../../core/privacy/readersNow';
import type { Slat } from '../../core/requirements/slats';
import { SmallRailing } from '../railing/SmallRailing';

/** A post among others, for those who teach: `name` is whose it is, or what it is for. */
export interface PostRowShown {
  readonly key: string;
  readonly name: string;
  /** Whether it is judged without its writer's name now: then a number stands for that, or nothing is told of the post. */
  readonly hidden: boolean;
  /** Whether its writer has left the class. */
  readonly left: boolean;
  readonly state: 'notBegun' | Stage;
  readonly slats: readonly Slat[] | null;
  readonly saved: string | null;
  readonly handedIn: string | null;
  /** Of its latest hand-in. */
  readonly ordinal: number;
  /** Null while nobody but its writer and the teachers reads it. */
  readonly readers:
    | (ReadersNow & {
        readonly inPictures: InPicturesShown;
        readonly published: Audience;
        /** Where it was drawn back: the audience before. */
        readonly drawnFrom: Audience | null;
        readonly since: string | null;
        readonly address: string | null;
      })
    | null;
  /** Where it is read; null while teachers may not. */
  readonly way: string | null;
}

/** How far a post is, who reads it, and the way to it. */
export function PostRow({ row }: { readonly row: PostRowShown }) {
  const t = useTranslations('set');
  return (
    <li className="sm:grid-cols-[minmax(0,1fr)_130px_minmax(0,1.2fr)_minmax(0,1.4fr)]">
      <span dir="auto">
        {row.way ? (
          <Link className="act font-bold" href={row.way} prefetch={false}>
            {row.name}
          </Link>
        ) : (
          <b>{row.name}</b>
        )}
        {row.left ? <span className="calm"> {t('left')}</span> : null}
      </span>
      <span>{row.slats ? <SmallRailing slats={row.slats} /> : null}</span>
      <span>
        {row.hidden ? t('hidden') : t(`state.${row.state}`, { ordinal: row.ordinal, saved: row.saved ?? '' })}
        {row.handedIn ? <span className="calm block">{t('handedIn', { when: row.handedIn })}</span> : null}
      </span>
      {row.readers ? (
        <ReadersOfRow {...row} />
      ) : (
        <span className="calm">{row.handedIn ? t('readBy.writerAndTeachers') : null}</span>
      )}
    </li>
  );
}

/** Who reads a post now, and what keeps it from others. */
export function ReadersOfRow({ readers }: Pick<PostRowShown, 'readers'>) {
  const t = useTranslations('set');
  if (!readers) return null;
  const { to, heldBack, inPictures, published, drawnFrom, since, address } = readers;
  return (
    <span className="block">
      {address && to !== 'writerAndTeachers' ? (
        <a className="act" href={address}>
          {t(`readBy.${to}`)}
        </a>
      ) : (
        t(`readBy.${to}`)
      )}
      {heldBack ? (
        <span className="problem block">
          {t(`heldBack.${heldBack}`, { audience: published, ...inPictures })}
        </span>
      ) : (
        <span className="calm block">
          {drawnFrom ? t('drawnFrom', { audience: drawnFrom }) : t('since', { when: since ?? '' })}
        </span>
      )}
    </span>
  );
}
