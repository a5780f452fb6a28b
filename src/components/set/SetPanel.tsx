'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { audiencesUpTo, type Audience } from '../../core/access/audience';
import { notReached, SET_DEEDS, type SetDeed } from '../../core/posts/setDeeds';
import type { SetProps, SetRowShown } from './setProps';
import { TypeIn } from './TypeIn';
import type { SaidAlong, useSetDeed } from './useSetDeed';

interface SetPanelProps {
  readonly set: SetProps;
  readonly chosen: readonly SetRowShown[];
  readonly deed: SetDeed | null;
  readonly onDeed: (deed: SetDeed | null) => void;
  readonly onChooseNobody: () => void;
  readonly doing: ReturnType<typeof useSetDeed>;
}

/** Who is chosen, what can be done with them, whom that reaches and whom not, and how far it is. */
export function SetPanel({ set, chosen, deed, onDeed, onChooseNobody, doing }: SetPanelProps) {
  const t = useTranslations('set.panel');
  const only = chosen.length === 1 ? chosen[0] : undefined;
  return (
    <aside className="set-panel" aria-label={t('label')}>
      <h2>{t('chosen', { count: chosen.length })}</h2>
      {chosen.length === 0 && !doing.progress ? <p className="calm">{t('how')}</p> : null}
      {chosen.length > 0 ? (
        <>
          <p dir="auto">{chosen.map(({ name }) => name).join(' · ')}</p>
          <p className="deeds">
            {SET_DEEDS.filter((one) => one !== 'takePart' || chosen.some(({ excused }) => excused)).map(
              (one) => (
                <button
                  key={one}
                  type="button"
                  className="act"
                  aria-pressed={deed === one}
                  disabled={doing.progress?.running ?? false}
                  onClick={() => {
                    doing.forget();
                    onDeed(deed === one ? null : one);
                  }}
                >
                  {t(`deed.${one}`)}
                </button>
              ),
            )}
            {set.isSet && only?.state === 'notBegun' && !only.left ? (
              <TypeIn assignmentId={set.assignmentId} classId={set.classId} personId={only.key} />
            ) : null}
            <button type="button" className="act calm" onClick={onChooseNobody}>
              {t('nobody')}
            </button>
          </p>
        </>
      ) : null}
      {doing.progress ? <Progress {...doing} progress={doing.progress} /> : null}
      {deed && chosen.length > 0 && !doing.progress ? (
        <DeedForm
          key={deed}
          set={set}
          chosen={chosen}
          deed={deed}
          onGo={doing.run}
          onLeave={() => onDeed(null)}
        />
      ) : null}
    </aside>
  );
}

/** To whom posts can be opened. */
const READERS = ['ourClass', 'passphrase', 'everyone'] as const;

interface DeedFormProps extends Pick<SetPanelProps, 'set' | 'chosen'> {
  readonly deed: SetDeed;
  readonly onGo: (deed: SetDeed, rows: readonly SetRowShown[], said: SaidAlong) => Promise<void>;
  readonly onLeave: () => void;
}

/** One deed, before it is done: what is said along, whom it reaches, and whom not with why. */
function DeedForm({ set, chosen, deed, onGo, onLeave }: DeedFormProps) {
  const t = useTranslations('set.panel');
  const id = useId();
  const [audience, setAudience] = useState<Audience>(() => set.audience);
  const [until, setUntil] = useState(deed === 'moreTime' ? (set.dueMinute ?? '') : '');
  const [words, setWords] = useState('');
  const asked = { audience, hasDue: set.dueMinute !== null };
  const reached = chosen.filter((row) => notReached(deed, row, asked) === null);
  const lacks =
    (deed === 'remind' && !words.trim()) ||
    (deed === 'moreTime' && (!until || until <= (set.dueMinute ?? '')));
  const says = deed === 'remind' || deed === 'sendBack';
  return (
    <form
      className="mt-3 grid gap-3 border-t border-line pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        void onGo(deed, reached, { audience, until, words });
      }}
    >
      <h3>{t(`deed.${deed}`)}</h3>
      {deed === 'open' ? (
        <fieldset>
          <legend>{t('toWhom')}</legend>
          {READERS.filter((one) => audiencesUpTo(set.audience).includes(one)).map((one) => (
            <label key={one} className="flex gap-2">
              <input
                type="radio"
                name={`${id}-audience`}
                checked={audience === one}
                onChange={() => setAudience(one)}
              />
              {t(`audience.${one}`)}
            </label>
          ))}
        </fieldset>
      ) : null}
      {says ? (
        <label className="grid gap-1" htmlFor={`${id}-words`}>
          {t(`words.${deed}`)}
          <textarea
            id={`${id}-words`}
            dir="auto"
            rows={3}
            className="field"
            maxLength={1000}
            value={words}
            onChange={({ target }) => setWords(target.value)}
          />
        </label>
      ) : null}
      {deed === 'moreTime' || deed === 'sendBack' || deed === 'open' ? (
        <label className="grid gap-1" htmlFor={`${id}-until`}>
          {t(`until.${deed}`)}
          <input
            id={`${id}-until`}
            type="datetime-local"
            className="field"
            {...(set.dueMinute && deed === 'moreTime' ? { min: set.dueMinute } : {})}
            value={until}
            onChange={({ target }) => setUntil(target.value)}
          />
        </label>
      ) : null}
      <Reaches {...{ deed, chosen, asked, reached }} />
      <span className="flex flex-wrap gap-3">
        <button className="btn go" disabled={reached.length === 0 || lacks}>
          {t(`go.${deed}`, { count: reached.length })}
        </button>
        <button type="button" className="btn" data-leave="" onClick={onLeave}>
          {t('leave')}
        </button>
      </span>
    </form>
  );
}

interface ReachesProps extends Pick<DeedFormProps, 'chosen' | 'deed'> {
  readonly asked: Parameters<typeof notReached>[2];
  readonly reached: readonly SetRowShown[];
}

function Reaches({ deed, chosen, asked, reached }: ReachesProps) {
  const t = useTranslations('set.panel');
  const closed = useTranslations('review.readers.closed');
  const without = chosen.flatMap((row) => {
    const why = notReached(deed, row, asked);
    if (why === null) return [];
    const shut = row.closed[asked.audience];
    return why === 'closed' && shut
      ? [{ name: row.name, why: closed(shut, { name: row.name, ...row.inPictures }) }]
      : [{ name: row.name, why: t(`not.${why}`) }];
  });
  const withAddress = reached.filter(({ hasAddress }) => hasAddress).length;
  return (
    <div className="text-[14px]">
      <p>{t('reaches', { count: reached.length, of: chosen.length })}</p>
      {deed === 'remind' && reached.length > 0 ? (
        <p className="calm">{t('mailed', { count: withAddress })}</p>
      ) : null}
      {without.length > 0 ? <NamesWithWhy names={without} /> : null}
    </div>
  );
}

function Progress({
  progress: { deed, done, of, failed, running },
  stop,
  forget,
}: Pick<SetPanelProps['doing'], 'stop' | 'forget'> & {
  readonly progress: NonNullable<SetPanelProps['doing']['progress']>;
}) {
  const t = useTranslations('set.panel');
  return (
    <div className="mt-3 grid gap-2 border-t border-line pt-3">
      <p role="status">
        {running ? t('running', { done: done + failed.length, of }) : t(`done.${deed}`, { count: done })}
      </p>
      {running ? <progress max={of} value={done + failed.length} aria-label={t(`deed.${deed}`)} /> : null}
      {failed.length > 0 ? (
        <div role="alert">
          <NamesWithWhy names={failed} />
        </div>
      ) : null}
      <span>
        <button type="button" className="act" onClick={running ? stop : forget}>
          {t(running ? 'stop' : 'further')}
        </button>
      </span>
    </div>
  );
}

function NamesWithWhy({
  names,
}: {
  readonly names: readonly { readonly name: string; readonly why: string }[];
}) {
  return (
    <ul className="not-reached">
      {names.map(({ name, why }) => (
        <li key={name} dir="auto">
          <b>{name}</b> {why}
        </li>
      ))}
    </ul>
  );
}
