'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import type { Told } from '../../core/safety/told';
import type { Outcome } from '../basics/call';
import { useAsking } from '../basics/useAsking';
import { ToldWords } from './ToldWords';

interface TellWorryProps {
  /** What stands on the button. */
  readonly label: string;
  readonly tell: (words: string) => Promise<Outcome<Told>>;
  readonly className?: string;
}

/** Says in one press and a line that words are worrying, and then who reads that, and by when. */
export function TellWorry({ label, tell, className = '' }: TellWorryProps) {
  const t = useTranslations('worry');
  const id = useId();
  const [open, setOpen] = useState(false);
  const [words, setWords] = useState('');
  const { busy, problem, wait } = useAsking();
  const [told, setTold] = useState<Told | null>(null);
  if (told) return <ToldWords t={t} told={told} className={className} />;
  return (
    <div className={className}>
      <button type="button" className="act" aria-expanded={open} onClick={() => setOpen(!open)}>
        {label}
      </button>
      {open ? (
        <form
          className="mt-3 grid max-w-[460px] gap-3"
          onSubmit={async (event) => {
            event.preventDefault();
            const outcome = await wait(tell(words));
            if (outcome.ok) setTold(outcome.value);
          }}
        >
          <label className="grid gap-1" htmlFor={id}>
            <span className="font-semibold">{t('what')}</span>
            <span className="text-[13.5px] text-ink-2">{t('who')}</span>
            <textarea
              id={id}
              className="field"
              dir="auto"
              rows={3}
              maxLength={2000}
              value={words}
              aria-invalid={problem !== ''}
              aria-describedby={`${id}-problem`}
              onChange={(event) => setWords(event.target.value)}
            />
          </label>
          <p id={`${id}-problem`} role="alert" className="problem">
            {problem}
          </p>
          <button className="btn justify-self-start" disabled={busy}>
            {t('send')}
          </button>
        </form>
      ) : null}
    </div>
  );
}
