'use client';

import { ArrowLeft } from 'lucide-react';
import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useAddresses } from '../desk/useAddresses';
import { useRouter } from 'next/navigation';
import { restoreRevision } from '../../contract/posts/restoreRevision';
import type { ChangesShown } from '../../core/posts/changesShown';
import { useDeed } from '../basics/useDeed';
import { ChangedText } from './ChangedText';

interface MomentShown {
  readonly id: string;
  readonly name: 'began' | 'handIn' | 'day' | 'branch' | 'between';
  readonly ordinal: number;
  readonly when: string;
}

export interface RevisionsProps {
  readonly postId: string;
  readonly version: number;
  readonly title: string;
  readonly assignmentTitle: string;
  /** The latest first. */
  readonly moments: readonly MomentShown[];
  /** How many kept moments have no name of their own. */
  readonly between: number;
  readonly all: boolean;
  readonly from: string | null;
  readonly to: string;
  /** Null while nothing was kept yet. */
  readonly changes: ChangesShown | null;
}

const NOW = 'now';

/** The earlier versions of a post: two of them compared word by word, and the way back to one. */
export function Revisions(props: RevisionsProps) {
  const { postId, moments, from, to, changes, all, between } = props;
  const t = useTranslations('revisions');
  const addresses = useAddresses();
  const address = (change: { from?: string | null; to?: string; all?: boolean }) => {
    const next = { from, to, all, ...change };
    const query = new URLSearchParams({
      ...(next.from ? { from: next.from } : {}),
      to: next.to,
      ...(next.all ? { all: '' } : {}),
    });
    return `${addresses.revisions(postId)}?${query.toString()}`;
  };
  return (
    <main className="page" id="main">
      <p>
        <Link className="back" href={addresses.post(postId)}>
          <ArrowLeft aria-hidden="true" size={17} /> {t('back')}
        </Link>
      </p>
      <h1 className="says mt-2">{changes ? t('says', changes.words) : t('nothingKept')}</h1>
      <p className="under">{t('under', { assignment: props.assignmentTitle })}</p>
      {changes ? (
        <div className="revisions">
          <nav aria-label={t('moments')} className="grid content-start gap-1">
            <h2 className="text-[15px] font-bold">{t('compare')}</h2>
            <ol className="moments">
              <li>
                <span>
                  <b>{t('names.now')}</b>
                </span>
                <Pick label={t('as.to')} href={address({ to: NOW })} on={to === NOW} about={t('names.now')} />
              </li>
              {moments.map((moment) => {
                const name = t(`names.${moment.name}`, { ordinal: moment.ordinal });
                return (
                  <li key={moment.id}>
                    <span>
                      <b>{name}</b>
                      <small>{moment.when}</small>
                    </span>
                    <Pick
                      label={t('as.from')}
                      href={address({ from: moment.id })}
                      on={from === moment.id}
                      about={`${name}, ${moment.when}`}
                    />
                    <Pick
                      label={t('as.to')}
                      href={address({ to: moment.id })}
                      on={to === moment.id}
                      about={`${name}, ${moment.when}`}
                    />
                  </li>
                );
              })}
            </ol>
            {between > 0 ? (
              <Link className="act justify-self-start" href={address({ all: !all })} scroll={false}>
                {all ? t('fewer') : t('more', { count: between })}
              </Link>
            ) : null}
          </nav>
          <section aria-label={t('changed')} className="min-w-0">
            {from ? <GoBack {...props} from={from} /> : null}
            {changes.any ? null : <p className="mb-4">{t('nothingChanged')}</p>}
            <ChangedText changes={changes} />
          </section>
        </div>
      ) : null}
    </main>
  );
}

interface PickProps {
  readonly label: string;
  readonly href: string;
  readonly on: boolean;
  /** The moment, for those who hear the link alone. */
  readonly about: string;
}

function Pick({ label, href, on, about }: PickProps) {
  return (
    <Link className="pick" href={href} scroll={false} aria-current={on} aria-label={`${label}: ${about}`}>
      {label}
    </Link>
  );
}

function GoBack({ postId, version, from, moments }: RevisionsProps & { readonly from: string }) {
  const t = useTranslations('revisions');
  const addresses = useAddresses();
  const router = useRouter();
  const { act, busy, problem } = useDeed();
  const moment = moments.find((one) => one.id === from);
  return (
    <p className="mb-5 flex flex-wrap items-center gap-x-4 gap-y-2">
      <button
        type="button"
        className="btn !whitespace-normal text-left"
        disabled={busy}
        onClick={() =>
          void act(restoreRevision, { postId, version, revisionId: from }).then((done) => {
            if (done) router.push(addresses.post(postId));
          })
        }
      >
        {moment ? t('goBack', { when: moment.when }) : t('goBackThere')}
      </button>
      <span className="text-[14px] text-ink-2">{t('keptToo')}</span>
      {problem ? (
        <span className="problem w-full" role="alert">
          {problem}
        </span>
      ) : null}
    </p>
  );
}
