'use client';

import { useLocale, useTranslations } from 'next-intl';
import { useState } from 'react';
import { archiveAddress } from '../../contract/addresses';
import { deleteAnybody } from '../../contract/administration/deleteAnybody';
import { handOnAnybody } from '../../contract/people/handOnAnybody';
import { previewErasure } from '../../contract/administration/previewErasure';
import { restoreAnybody } from '../../contract/administration/restoreAnybody';
import { searchPeople, type PersonFound as Found } from '../../contract/administration/searchPeople';
import { dateInWords } from '../../core/timing/inWords';
import type { PersonHoldings } from '../../core/privacy/holdings';
import { call, type Outcome, type Sent } from '../basics/call';
import { Field } from '../basics/Field';
import { useAsking } from '../basics/useAsking';

type PersonFound = Sent<Found>;

/** Finds anybody of the install, to hand out what is kept of them or to delete them when they or their parents ask for it. */
export function FindPerson() {
  const t = useTranslations('install.people');
  const locale = useLocale();
  const [words, setWords] = useState('');
  const [found, setFound] = useState<readonly PersonFound[] | null>(null);
  const { busy, problem, wait } = useAsking();
  const [asking, setAsking] = useState<{
    readonly person: PersonFound;
    readonly holdings: PersonHoldings;
  } | null>(null);
  const search = async () => {
    const outcome = await wait(call(searchPeople, { words }));
    setFound(outcome.ok ? outcome.value.people : null);
    setAsking(null);
  };
  const ask = async (person: PersonFound) => {
    const outcome = await wait(call(previewErasure, { personId: person.personId }));
    setAsking(outcome.ok ? { person, holdings: outcome.value } : null);
  };
  const act = async (doing: Promise<Outcome<unknown>>) => {
    if ((await wait(doing)).ok) await search();
  };
  return (
    <section>
      <h2 className="section-head">{t('heading')}</h2>
      <form
        className="mt-2 flex flex-wrap items-start gap-3"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void search();
        }}
      >
        <Field label={t('label')} value={words} maxLength={120} autoComplete="off" onText={setWords} />
        <button className="btn mt-[25px]" disabled={busy}>
          {t('search')}
        </button>
      </form>
      <p role="alert" className="problem">
        {problem}
      </p>
      {found ? (
        <p role="status" className="under">
          {t('found', { count: found.length })}
        </p>
      ) : null}
      <ul className="rows">
        {found?.map((one) => (
          <li key={one.personId} className="grid-cols-1">
            <span>
              <b>{one.name}</b> <span className="calm">{one.email}</span>
              <span className="calm block">
                {one.classes || t('inNoClass')}
                {one.eraseAt
                  ? `; ${t('deleted', { day: dateInWords(Date.parse(one.eraseAt), 'UTC', locale) })}`
                  : ''}
              </span>
            </span>
            {one.studentIn.length > 0 && !one.teaches && !one.eraseAt ? (
              <label className="flex flex-wrap items-center gap-2">
                {t('home', { name: one.name })}
                <select
                  className="field !w-auto"
                  value={one.homeClassId ?? ''}
                  onChange={(event) =>
                    void act(call(handOnAnybody, { personId: one.personId, toClassId: event.target.value }))
                  }
                >
                  {one.studentIn.some(({ id }) => id === one.homeClassId) ? null : (
                    <option value={one.homeClassId ?? ''} disabled>
                      {t('noHome')}
                    </option>
                  )}
                  {one.studentIn.map(({ id, title }) => (
                    <option key={id} value={id}>
                      {title}
                    </option>
                  ))}
                </select>
              </label>
            ) : null}
            <a className="act justify-self-start" href={archiveAddress.ofPerson(one.personId)} download>
              {t('takeAlong', { name: one.name })}
            </a>
            {one.eraseAt ? (
              <button
                type="button"
                className="act justify-self-start"
                onClick={() => void act(call(restoreAnybody, { personId: one.personId }))}
              >
                {t('back', { name: one.name })}
              </button>
            ) : one.teaches ? (
              <span className="calm">{t('teaches')}</span>
            ) : asking?.person.personId === one.personId ? (
              <div className="grid gap-2">
                <p>{t('what', { name: one.name, ...asking.holdings })}</p>
                <p className="text-ink-2">{t('month')}</p>
                <span className="flex gap-3">
                  <button
                    type="button"
                    className="btn"
                    onClick={() => void act(call(deleteAnybody, { personId: one.personId }))}
                  >
                    {t('do', { name: one.name })}
                  </button>
                  <button type="button" className="btn" data-leave="" onClick={() => setAsking(null)}>
                    {t('leave')}
                  </button>
                </span>
              </div>
            ) : (
              <button type="button" className="act justify-self-start" onClick={() => void ask(one)}>
                {t('delete', { name: one.name })}
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
