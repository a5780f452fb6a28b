'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useState } from 'react';
import { addressesOf } from '../../contract/addresses';
import type { SetDeed } from '../../core/posts/setDeeds';
import { useNumberInWords } from '../basics/useNumberInWords';
import { SetPanel } from './SetPanel';
import type { SetProps } from './setProps';
import { SetRailing } from './SetRailing';
import { SetRow } from './SetRow';
import { useSetDeed } from './useSetDeed';

/** All posts of one assignment, with who has none yet: each within reach from here, and what can be done with several at once. */
export function SetPage(set: SetProps) {
  const { classId, assignmentId, title, isSet, due, past, groups, rubric } = set;
  const t = useTranslations('set');
  const inWords = useNumberInWords();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [deed, setDeed] = useState<SetDeed | null>(null);
  const doing = useSetDeed(assignmentId);
  const all = groups.flatMap((group) => group.rows);
  const handedIn = all.filter((row) => row.handInId !== null).length;
  const notBegun = groups.find(({ state }) => state === 'notBegun')?.rows.length ?? 0;
  const addresses = addressesOf(classId);
  const choose = (keys: readonly string[], on: boolean) => {
    setChosen((before) => {
      const rest = [...before].filter((key) => !keys.includes(key));
      return new Set(on ? [...rest, ...keys] : rest);
    });
    if (!doing.progress?.running) doing.forget();
  };
  return (
    <>
      <main className="set-page" id="main">
        <div className="set-list">
          <h1 className="says">
            {all.length === 0
              ? t('nobody')
              : t('title', { handedIn, number: inWords(handedIn), of: all.length, notBegun })}
          </h1>
          <p className="under" dir="auto">
            {due ? t(past ? 'wasDue' : 'isDue', { title, due }) : t('noDue', { title })}
            {isSet ? '' : ` ${t('notSet')}`} {all.some((row) => row.way !== null) ? t('press') : null}
          </p>
          <p className="mt-1 flex flex-wrap gap-x-5">
            <Link className="act" href={addresses.assignment(assignmentId)}>
              {t('assignment')}
            </Link>
            <Link className="act" href={addresses.board(assignmentId)} prefetch={false}>
              {t('board')}
            </Link>
            <Link className="act" href={addresses.peers(assignmentId)} prefetch={false}>
              {t('peers')}
            </Link>
            {rubric > 0 && handedIn > 0 ? (
              <Link className="act" href={addresses.second(assignmentId)} prefetch={false}>
                {t('secondReading')}
              </Link>
            ) : null}
            {all.length === 0 ? (
              <Link className="act" href={addresses.roster}>
                {t('addStudents')}
              </Link>
            ) : (
              <button
                type="button"
                className="act"
                onClick={() =>
                  choose(
                    all.map(({ key }) => key),
                    chosen.size < all.length,
                  )
                }
              >
                {t(chosen.size < all.length ? 'chooseAll' : 'panel.nobody')}
              </button>
            )}
          </p>
          {all.length > 0 ? (
            <table className="set-table">
              <thead>
                <tr>
                  <td />
                  <th scope="col">{t('column.student', { count: all.length })}</th>
                  <th scope="col">{t('column.needed')}</th>
                  <th scope="col">{t('column.where')}</th>
                  <th scope="col">{t('column.handedIn')}</th>
                  <th scope="col">{t('column.readBy')}</th>
                  <th scope="col">{t('column.grade')}</th>
                  <th scope="col">{t('column.notes')}</th>
                </tr>
              </thead>
              {groups.map(({ state, rows }) => {
                const keys = rows.map(({ key }) => key);
                const every = keys.every((key) => chosen.has(key));
                return (
                  <tbody key={state} aria-labelledby={`set-${state}`}>
                    <tr className="group">
                      <td />
                      <th scope="rowgroup" colSpan={7} id={`set-${state}`}>
                        {t(`group.${state}`, { count: rows.length })}{' '}
                        <button type="button" className="act" onClick={() => choose(keys, !every)}>
                          {t(every ? 'chooseNone' : 'chooseThese', { count: rows.length })}
                        </button>
                      </th>
                    </tr>
                    {rows.map((row) => (
                      <SetRow
                        key={row.key}
                        row={row}
                        rubric={rubric}
                        chosen={chosen.has(row.key)}
                        onChoose={(on) => choose([row.key], on)}
                      />
                    ))}
                  </tbody>
                );
              })}
            </table>
          ) : null}
        </div>
        <SetPanel
          set={set}
          chosen={all.filter((row) => chosen.has(row.key))}
          deed={deed}
          onDeed={setDeed}
          onChooseNobody={() => {
            setChosen(new Set());
            setDeed(null);
          }}
          doing={doing}
        />
      </main>
      {all.length > 0 ? (
        <SetRailing
          set={set}
          rows={all}
          busy={doing.progress?.running ?? false}
          onBegin={(begun, rows) => {
            doing.forget();
            setChosen(new Set(rows.map(({ key }) => key)));
            setDeed(begun);
          }}
        />
      ) : null}
    </>
  );
}
