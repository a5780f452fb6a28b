'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useAddresses } from '../desk/useAddresses';
import { useId, useState } from 'react';
import { groupStudents } from '../../contract/people/groupStudents';
import { moveStudents } from '../../contract/people/moveStudents';
import { removeStudents } from '../../contract/people/removeStudents';
import { useDeed } from '../basics/useDeed';
import { NewConsent } from './NewConsent';
import type { RosterProps, RosterStudent } from './rosterProps';

interface SelectedBarProps extends Pick<RosterProps, 'classId' | 'otherClasses' | 'today'> {
  readonly chosen: readonly RosterStudent[];
  readonly onDone: () => void;
}

type Open = 'group' | 'consent' | 'move' | 'remove' | null;

/** What can be done with several students at once. What takes somebody out says first what becomes of their writing. */
export function SelectedBar({ classId, otherClasses, today, chosen, onDone }: SelectedBarProps) {
  const t = useTranslations('roster.chosen');
  const addresses = useAddresses();
  const id = useId();
  const { act, busy, problem } = useDeed();
  const [open, setOpen] = useState<Open>(null);
  const [group, setGroup] = useState('');
  const [toClassId, setToClassId] = useState(otherClasses[0]?.id ?? '');
  const personIds = chosen.map((one) => one.personId);
  const posts = chosen.reduce((sum, one) => sum + one.posts, 0);
  const them = { classId, personIds };
  const whenDone = (done: boolean) => (done ? onDone() : undefined);
  return (
    <section className="chosen" aria-label={t('label', { count: chosen.length })}>
      <p className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <b>{t('label', { count: chosen.length })}</b>
        <Link className="act" href={`${addresses.cards}?for=${personIds.join(',')}`}>
          {t('cards')}
        </Link>
        <button type="button" className="act" onClick={() => setOpen(open === 'group' ? null : 'group')}>
          {t('group')}
        </button>
        <button type="button" className="act" onClick={() => setOpen(open === 'consent' ? null : 'consent')}>
          {t('consent')}
        </button>
        {otherClasses.length > 0 ? (
          <button type="button" className="act" onClick={() => setOpen(open === 'move' ? null : 'move')}>
            {t('move')}
          </button>
        ) : null}
        <button type="button" className="act" onClick={() => setOpen(open === 'remove' ? null : 'remove')}>
          {t('remove')}
        </button>
        <button type="button" className="act" data-leave="" onClick={onDone}>
          {t('none')}
        </button>
      </p>
      {open === 'group' ? (
        <form
          className="mt-3 flex flex-wrap items-center gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void act(groupStudents, { ...them, group }).then(whenDone);
          }}
        >
          <label htmlFor={`${id}-group`}>{t('groupName')}</label>
          <input
            id={`${id}-group`}
            className="field !w-44"
            maxLength={60}
            value={group}
            onChange={(event) => setGroup(event.target.value)}
          />
          <button className="btn go" disabled={busy}>
            {group.trim() ? t('intoGroup') : t('outOfGroups')}
          </button>
        </form>
      ) : null}
      {open === 'consent' ? (
        <div className="max-w-[520px]">
          <NewConsent classId={classId} personIds={personIds} today={today} onDone={onDone} />
        </div>
      ) : null}
      {open === 'move' ? (
        <form
          className="mt-3 grid gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void act(moveStudents, { ...them, toClassId }).then(whenDone);
          }}
        >
          <p>{t('moving', { count: chosen.length, posts })}</p>
          <span className="flex flex-wrap items-center gap-3">
            <label htmlFor={`${id}-class`}>{t('toClass')}</label>
            <select
              id={`${id}-class`}
              className="field !w-auto"
              value={toClassId}
              onChange={(event) => setToClassId(event.target.value)}
            >
              {otherClasses.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.title}, {one.groupName}
                </option>
              ))}
            </select>
            <button className="btn go" disabled={busy}>
              {t('moveThem')}
            </button>
          </span>
        </form>
      ) : null}
      {open === 'remove' ? (
        <div className="mt-3 grid gap-3">
          <p>{t('removing', { count: chosen.length, posts })}</p>
          <span className="flex gap-3">
            <button
              type="button"
              className="btn go"
              disabled={busy}
              onClick={() => void act(removeStudents, them).then(whenDone)}
            >
              {t('removeThem')}
            </button>
            <button type="button" className="btn" data-leave="" onClick={() => setOpen(null)}>
              {t('leave')}
            </button>
          </span>
        </div>
      ) : null}
      {problem ? (
        <p className="problem mt-2" role="alert">
          {problem}
        </p>
      ) : null}
    </section>
  );
}
