'use client';

import { useFormatter, useTranslations } from 'next-intl';
import Link from 'next/link';
import { useCallback, useEffect, useState } from 'react';
import { thankPeer } from '../../contract/peerReading/givePeerReading';
import { joinPeerReading } from '../../contract/peerReading/joinPeerReading';
import type { PeerSaid, PeerStanding } from '../../contract/peerReading/peerShown';
import { seePeerReading } from '../../contract/peerReading/seePeerReading';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';
import { useAddresses } from '../desk/useAddresses';

interface PeerBesideProps {
  readonly assignmentId: string;
  /** Another one whenever something is new. */
  readonly news?: string;
}

/** How it stands with reading each other, beside one's own text: what goes to whom and when, whom one reads, what readers said. */
export function PeerBeside({ assignmentId, news = '' }: PeerBesideProps) {
  const t = useTranslations('peer.beside');
  const format = useFormatter();
  const addresses = useAddresses();
  const { busy, problem, wait } = useAsking();
  const [standing, setStanding] = useState<PeerStanding | null>(null);
  const look = useCallback(async () => {
    const outcome = await call(seePeerReading, { assignmentId });
    if (outcome.ok) setStanding(outcome.value);
  }, [assignmentId]);
  useEffect(() => {
    const soon = setTimeout(() => void look(), 0);
    return () => clearTimeout(soon);
  }, [look, news]);
  if (!standing) return null;
  const { takes, goesTo, toRead, joins, said, named } = standing;
  const join = async () => {
    const outcome = await wait(call(joinPeerReading, { assignmentId }));
    if (outcome.ok) await look();
  };
  return (
    <section className="peer-beside" aria-label={t('heading')}>
      <h2 className="section-head">{t('heading')}</h2>
      {takes ? (
        <p role="status">
          {goesTo.length > 0
            ? t(named ? 'goesTo' : 'goesToUnnamed', { when: takes, names: format.list(goesTo) })
            : t('willGo', { when: takes })}
        </p>
      ) : null}
      {!takes && goesTo.length > 0 ? (
        <p>{t('went', { names: format.list(goesTo), count: goesTo.length })}</p>
      ) : null}
      {joins ? (
        <>
          <p>{t('joins', { names: format.list(joins) })}</p>
          <button type="button" className="btn" disabled={busy} onClick={() => void join()}>
            {t('join')}
          </button>
        </>
      ) : null}
      {toRead.length > 0 ? (
        <ul>
          {toRead.map((one) => (
            <li key={one.readingId}>
              <Link
                className="act !whitespace-normal"
                href={addresses.peerText(one.readingId)}
                prefetch={false}
              >
                {t(one.given ? 'wasRead' : 'read', { of: one.of })}
              </Link>
            </li>
          ))}
        </ul>
      ) : null}
      {said.map((one) => (
        <Said key={one.readingId} said={one} onThank={() => void look()} />
      ))}
      <p role="alert" className="problem">
        {problem}
      </p>
    </section>
  );
}

function Said({ said, onThank }: { readonly said: PeerSaid; readonly onThank: () => void }) {
  const t = useTranslations('peer.beside');
  const { busy, problem, wait } = useAsking();
  const { readingId, by, useful, answers, notes } = said;
  return (
    <section className="mate-said" aria-label={by ?? t('aReader')}>
      <h3>{by === null ? t('aReader') : t('readerSaid', { by })}</h3>
      <dl>
        {answers.map(({ question, words, quote }) => (
          <div key={question} dir="auto">
            <dt>{question}</dt>
            <dd>
              {quote === null ? null : <q>{quote}</q>} {words}
            </dd>
          </div>
        ))}
        {notes.map(({ name, words, quote }) => (
          <div key={name} dir="auto">
            <dt>{quote === null ? null : <q>{quote}</q>}</dt>
            <dd>{words}</dd>
          </div>
        ))}
      </dl>
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          checked={useful}
          disabled={busy}
          onChange={async ({ target }) => {
            const outcome = await wait(call(thankPeer, { readingId, useful: target.checked }));
            if (outcome.ok) onThank();
          }}
        />
        {t('useful')}
      </label>
      <p role="alert" className="problem">
        {problem}
      </p>
    </section>
  );
}
