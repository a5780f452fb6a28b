'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { keepApart } from '../../contract/peerReading/keepApart';
import type { PeerGroupsShown } from '../../contract/peerReading/peerShown';
import { useDeed } from '../basics/useDeed';

/** Whom who looks keeps apart; nobody else reads it. */
export function KeptApart({ classId, students, apart }: PeerGroupsShown) {
  const t = useTranslations('peer.apart');
  const id = useId();
  const { act, busy, problem } = useDeed();
  const [pair, setPair] = useState<readonly [string, string]>(['', '']);
  const [oneId, otherId] = pair;
  const choice = (at: 0 | 1, label: string) => (
    <label className="grid gap-1" htmlFor={`${id}-${at}`}>
      {label}
      <select
        id={`${id}-${at}`}
        className="field"
        value={pair[at]}
        onChange={({ target }) => setPair(at === 0 ? [target.value, otherId] : [oneId, target.value])}
      >
        <option value="">{t('nobody')}</option>
        {students.map((one) => (
          <option key={one.personId} value={one.personId}>
            {one.name}
          </option>
        ))}
      </select>
    </label>
  );
  return (
    <form
      className="grid gap-3"
      onSubmit={async (event) => {
        event.preventDefault();
        if (await act(keepApart, { classId, oneId, otherId, apart: true })) setPair(['', '']);
      }}
    >
      <h2 className="section-head">{t('heading')}</h2>
      <p className="under">{t('whatFor')}</p>
      <ul>
        {apart.map((one) => (
          <li
            key={`${one.oneId} ${one.otherId}`}
            className="flex justify-between gap-3 border-b border-line py-2"
          >
            <span dir="auto">{t('pair', { one: one.names[0], other: one.names[1] })}</span>
            <button
              type="button"
              className="act"
              disabled={busy}
              aria-label={t('dropPair', { one: one.names[0], other: one.names[1] })}
              onClick={() =>
                void act(keepApart, { classId, oneId: one.oneId, otherId: one.otherId, apart: false })
              }
            >
              {t('drop')}
            </button>
          </li>
        ))}
      </ul>
      <span className="flex flex-wrap items-end gap-3">
        {choice(0, t('one'))}
        {choice(1, t('other'))}
        <button className="btn" disabled={busy || oneId === '' || otherId === ''}>
          {t('keep')}
        </button>
      </span>
      <p role="alert" className="problem">
        {problem}
      </p>
    </form>
  );
}
