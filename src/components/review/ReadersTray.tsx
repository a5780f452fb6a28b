'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { goesBeyondClass, narrower, type Audience } from '../../core/access/audience';
import { DetailsGoingOut } from './DetailsGoingOut';
import { openDetails } from './openDetails';
import type { ReviewRailingProps } from './reviewProps';

interface ReadersTrayProps extends ReviewRailingProps {
  readonly onDone: () => void;
}

/** Who may read the post: what each choice means, why some are closed; what was chosen counts once it is confirmed. */
export function ReadersTray(props: ReadersTrayProps) {
  const { readers, writer, details, busy, problem, publish, dropOpening, onDone } = props;
  const t = useTranslations('review.readers');
  const { published, choices, planned } = readers;
  const id = useId();
  const was = published ?? 'writerAndTeachers';
  // A consent that ran out keeps it from some of those to whom it was published.
  const reads = readers.now?.to ?? 'writerAndTeachers';
  const [chosen, setChosen] = useState<Audience>(was);
  /** Local to the class's time zone; empty for now. */
  const [at, setAt] = useState('');
  const narrows = chosen !== was && narrower(chosen, was) === chosen;
  /** Whether it was asked if what strangers should not know may go out. */
  const [asks, setAsks] = useState(false);
  const goingOut = !narrows && goesBeyondClass(chosen) ? openDetails(details) : [];
  const letRead = async () => {
    const keys = goingOut.map(({ key }) => key);
    if (await publish(chosen, keys, at || null)) onDone();
  };
  const meaning = (audience: Audience) =>
    audience === 'passphrase' && !readers.classPassphrase && readers.passphraseSince === null
      ? `${t('means.passphrase')} ${t('noPassphrase')}`
      : audience === 'everyone' && readers.as === null
        ? t('meansHidden')
        : t(`means.${audience}`, { as: readers.as ?? '' });
  return (
    <form
      className="mt-2 grid gap-3"
      onSubmit={async (event) => {
        event.preventDefault();
        if (goingOut.length > 0 && !asks) setAsks(true);
        else await letRead();
      }}
    >
      {choices.map(({ audience, closed }) => (
        <label key={audience} className="flex items-start gap-3">
          <input
            type="radio"
            name="audience"
            className="mt-1"
            checked={chosen === audience}
            disabled={closed !== null}
            onChange={() => setChosen(audience)}
          />
          <span>
            <b className={closed ? 'text-ink-2' : ''}>{t(`audience.${audience}`, { name: writer.name })}</b>
            {audience === reads ? <span className="text-ink-2"> ({t('now')})</span> : null}
            <span className="block text-ink-2">
              {closed
                ? t(`closed.${closed}`, { name: writer.name, ...readers.inPictures })
                : meaning(audience)}
            </span>
          </span>
        </label>
      ))}
      {narrows ? <p>{t('narrows')}</p> : null}
      {!narrows && chosen !== was ? (
        <label className="grid gap-1" htmlFor={`${id}-at`}>
          {t('at')}
          <input
            id={`${id}-at`}
            type="datetime-local"
            className="field"
            value={at}
            onChange={({ target }) => setAt(target.value)}
          />
        </label>
      ) : null}
      {planned ? (
        <p className={planned.notOpened ? 'problem' : ''}>
          {t(planned.notOpened ? 'notOpened' : 'planned', {
            audience: planned.audience,
            when: planned.when,
          })}{' '}
          <button type="button" className="act" disabled={busy} onClick={() => void dropOpening()}>
            {t('drop')}
          </button>
        </p>
      ) : null}
      <p className="problem" role="alert">
        {problem}
      </p>
      {asks && goingOut.length > 0 ? (
        <DetailsGoingOut
          details={goingOut}
          busy={busy}
          onGo={() => void letRead()}
          onLeave={() => setAsks(false)}
        />
      ) : (
        <button className="btn go justify-self-start" disabled={busy || chosen === was}>
          {t(chosen === 'writerAndTeachers' ? 'takeDown' : narrows ? 'narrow' : at ? 'plan' : 'open')}
        </button>
      )}
    </form>
  );
}
