'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { LONGEST_FIRST } from '../../contract/reviews/sendBack';
import { NoteBank } from '../noteBank/NoteBank';
import type { ReviewRailingProps } from './reviewProps';

interface SendBackFormProps extends Pick<
  ReviewRailingProps,
  'decide' | 'busy' | 'problem' | 'classId' | 'writer' | 'rubric'
> {
  readonly onLeave: () => void;
}

/** Sends a post back and says until when it is asked for again, and what comes first: typed, or sentences of the note bank. */
export function SendBackForm({ decide, busy, problem, classId, writer, rubric, onLeave }: SendBackFormProps) {
  const t = useTranslations('review.sendBack');
  const id = useId();
  const [until, setUntil] = useState('');
  const [first, setFirst] = useState('');
  const [bank, setBank] = useState(false);
  /** Each reason stands in a line of its own. */
  const take = (words: string) =>
    setFirst((before) => [before.trim(), words].filter(Boolean).join('\n').slice(0, LONGEST_FIRST));
  return (
    <>
      <form
        className="mt-2 grid gap-3"
        onSubmit={async (event) => {
          event.preventDefault();
          if (await decide({ decision: 'sendBack', until: until || null, first })) onLeave();
        }}
      >
        <label className="grid gap-1" htmlFor={`${id}-first`}>
          {t('first')}
          <textarea
            id={`${id}-first`}
            dir="auto"
            autoFocus
            rows={3}
            className="field"
            maxLength={LONGEST_FIRST}
            value={first}
            onChange={(event) => setFirst(event.target.value)}
          />
        </label>
        <label className="grid gap-1" htmlFor={`${id}-until`}>
          {t('until')}
          <input
            id={`${id}-until`}
            type="datetime-local"
            className="field"
            value={until}
            onChange={(event) => setUntil(event.target.value)}
          />
        </label>
        <p role="alert" className="problem">
          {problem}
        </p>
        <span className="flex flex-wrap gap-3">
          <button className="btn go" disabled={busy}>
            {t('send')}
          </button>
          <button type="button" className="btn" data-leave="" onClick={onLeave}>
            {t('leave')}
          </button>
        </span>
      </form>
      <p className="mt-4 border-t border-line pt-2">
        <button type="button" className="act" aria-expanded={bank} onClick={() => setBank(!bank)}>
          {t('fromBank')}
        </button>
      </p>
      {bank ? (
        <NoteBank
          classId={classId}
          called={writer.called}
          groups={rubric.map((one) => one.name)}
          note={first.trim() ? { text: first, group: '' } : null}
          onTake={take}
        />
      ) : null}
    </>
  );
}
