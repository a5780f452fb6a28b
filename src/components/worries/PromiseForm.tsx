'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { changePromise } from '../../contract/worries/changePromise';
import { LONGEST_HELP } from '../../core/safety/case';
import { PROMISE_MINUTES } from '../../core/safety/promisedBy';
import { useDeed } from '../basics/useDeed';
import { ToldWords } from './ToldWords';

interface PromiseFormProps {
  /** After midnight. */
  readonly minutes: number;
  readonly help: string;
  /** Who is said to read it. */
  readonly reader: string | null;
}

/** Hours from which the school chooses, each half of one. */
const HALF = 30;
const CHOICES = Array.from(
  { length: (PROMISE_MINUTES.to - PROMISE_MINUTES.from) / HALF + 1 },
  (_, index) => PROMISE_MINUTES.from + index * HALF,
);

/** What is told to whoever tells a worry, with how a child reads it beside. */
export function PromiseForm({ minutes: first, help: firstHelp, reader }: PromiseFormProps) {
  const t = useTranslations('worries.promisePage');
  const { act, busy, problem } = useDeed();
  const [minutes, setMinutes] = useState(first);
  const [help, setHelp] = useState(firstHelp);
  const [kept, setKept] = useState(false);
  return (
    <main className="page" id="main">
      <h1 className="says">{t('heading')}</h1>
      <p className="under">{t('under')}</p>
      <div className="mt-6 grid items-start gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_400px]">
        <form
          className="grid max-w-[560px] gap-5"
          onSubmit={async (event) => {
            event.preventDefault();
            setKept(await act(changePromise, { minutes, help }));
          }}
        >
          <label className="grid gap-1">
            <span className="font-semibold">{t('by')}</span>
            <select
              className="field w-32"
              value={minutes}
              onChange={(event) => {
                setMinutes(Number(event.target.value));
                setKept(false);
              }}
            >
              {CHOICES.map((one) => (
                <option key={one} value={one}>
                  {clock(one)}
                </option>
              ))}
            </select>
            <span className="text-[13.5px] text-ink-2">{t('byHelp')}</span>
          </label>
          <label className="grid gap-1">
            <span className="font-semibold">{t('help')}</span>
            <textarea
              className="field"
              dir="auto"
              rows={3}
              maxLength={LONGEST_HELP}
              value={help}
              onChange={(event) => {
                setHelp(event.target.value);
                setKept(false);
              }}
            />
            <span className="text-[13.5px] text-ink-2">{t('helpHelp')}</span>
          </label>
          <p className="flex items-center gap-4">
            <button className="btn go" disabled={busy}>
              {t('keep')}
            </button>
            <span role="status" className="text-ink-2">
              {kept ? t('isKept') : ''}
            </span>
          </p>
          <p role="alert" className="problem">
            {problem}
          </p>
        </form>
        <section>
          <h2 className="section-head mb-3">{t('sample')}</h2>
          <ToldWords t={t} told={{ reader, by: clock(minutes), help, away: true, nobody: false }} />
        </section>
      </div>
    </main>
  );
}

function clock(minutes: number): string {
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
}
