'use client';

import { ArrowLeft } from 'lucide-react';
import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { addressesOf, reviewAddress } from '../../contract/addresses';
import { openOrigin } from '../../contract/origin/openOrigin';
import { seeOpenings } from '../../contract/origin/seeOpenings';
import { call } from '../basics/call';
import { useDeed } from '../basics/useDeed';
import { DayFence } from './DayFence';
import { DayTable } from './DayTable';
import { PiecesInPlace } from './PiecesInPlace';
import type { OriginProps, OriginShown } from './originProps';

/** Where the text of a post came from: its days, what came at once, and who may look at this. */
export function Origin({ shown, ...props }: OriginProps) {
  const { classId, postId, own } = props;
  const t = useTranslations('origin');
  return (
    <main className="origin" id="main">
      <section className="head no-print" aria-label={t('head')}>
        <Link className="back" href={own ? addressesOf(classId).post(postId) : reviewAddress(postId)}>
          <ArrowLeft aria-hidden="true" size={17} /> {own ? t('backOwn') : t('back', { name: props.name })}
        </Link>
        <p dir="auto">
          {shown ? <b>{shown.title || t('untitled')}</b> : null} {t('for', { title: props.assignmentTitle })}
          {props.handedIn ? <span> · {t('handedIn', { when: props.handedIn })}</span> : null}
        </p>
      </section>
      {shown ? <OriginOpen {...props} shown={shown} /> : <OriginClosed {...props} />}
    </main>
  );
}

/** Before a teacher has opened it: what they will see, and who is told. */
function OriginClosed({ postId, name, since }: Omit<OriginProps, 'shown'>) {
  const t = useTranslations('origin.closed');
  const { busy, problem, act } = useDeed();
  return (
    <div className="origin-closed">
      <h1 className="says">{t('heading', { name })}</h1>
      <p>{t('what')}</p>
      <p>{t('told', { name, since: since ?? '' })}</p>
      <p>
        <button
          type="button"
          className="btn go"
          disabled={busy}
          onClick={() => void act(openOrigin, { postId })}
        >
          {t('open')}
        </button>
      </p>
      <p role="alert" className="problem">
        {problem}
      </p>
    </div>
  );
}

function OriginOpen({ shown, ...props }: OriginProps & { readonly shown: OriginShown }) {
  const { own, name, postId } = props;
  const t = useTranslations('origin');
  const [asTable, setAsTable] = useState(false);
  const anyOpened = own && shown.openings.length > 0;
  useEffect(() => {
    // That it was read is noted when the page stands before its writer.
    if (anyOpened) void call(seeOpenings, { postId });
  }, [anyOpened, postId]);
  return (
    <>
      <div className="origin-days">
        <div className="origin-heading">
          <div>
            <h1 className="says">
              {t(own ? 'headingOwn' : 'heading', { name, days: shown.days, of: shown.of })}
              {shown.days > 0 ? t('pieces', { count: shown.pieces.length }) : null}
            </h1>
            <p className="under">{t('under')}</p>
          </div>
          {shown.sittings.length > 0 ? (
            <button
              type="button"
              className="act small wide-only"
              aria-pressed={asTable}
              onClick={() => setAsTable(!asTable)}
            >
              {t(asTable ? 'asFence' : 'asTable')}
            </button>
          ) : null}
        </div>
        {shown.sittings.length === 0 ? (
          <p className="mb-4">{t('nothing')}</p>
        ) : (
          <>
            {asTable ? null : <DayFence columns={shown.columns} />}
            <DayTable sittings={shown.sittings} sum={shown.sum} narrowOnly={!asTable} />
          </>
        )}
      </div>
      <PiecesInPlace {...props} shown={shown} />
      <WhoMayKnow {...props} openings={shown.openings} />
    </>
  );
}

/** Who may open the page, who is told, and what is kept: the three things that whoever writes may ask. */
function WhoMayKnow({
  own,
  name,
  since,
  openings,
}: Pick<OriginProps, 'own' | 'name' | 'since'> & Pick<OriginShown, 'openings'>) {
  const t = useTranslations('origin.who');
  const whose = own ? 'own' : 'other';
  return (
    <footer className="origin-who">
      <div>
        <h2>{t('may')}</h2>
        <p>{since === null ? t('mayOwn') : t(`mayTeachers.${whose}`, { name, since })}</p>
      </div>
      <div>
        <h2>{t(`told.${whose}`, { name })}</h2>
        {openings.length === 0 ? <p>{t('nobodyYet')}</p> : null}
        {own ? (
          <ul>
            {openings.map((one) => (
              <li key={`${one.by} ${one.when}`}>{t('openedBy', one)}</li>
            ))}
          </ul>
        ) : (
          <p>{t('youOpened', { when: openings[0]?.when ?? '', name })}</p>
        )}
      </div>
      <div>
        <h2>{t('kept')}</h2>
        <p>{t('keptWhat')}</p>
      </div>
    </footer>
  );
}
