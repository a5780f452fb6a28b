'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import { askSecondReading } from '../../contract/secondReadings/askSecondReading';
import type { SecondChoice } from '../../core/grading/secondReading';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';
import type { SecondProps } from './secondProps';

interface AskFormProps extends Pick<SecondProps, 'assignmentId' | 'teachers' | 'unread'> {
  /** Leaves the form where it stands beside something else. */
  readonly onLeave?: (() => void) | undefined;
}

const KINDS = ['all', 'sample', 'border'] as const;

/** Who reads which posts a second time. */
export function AskForm({ assignmentId, teachers, unread, onLeave }: AskFormProps) {
  const t = useTranslations('second.ask');
  const router = useRouter();
  const id = useId();
  const { busy, problem, field, wait, say } = useAsking();
  const [readerId, setReaderId] = useState(teachers[0]?.personId ?? '');
  const [kind, setKind] = useState<SecondChoice['kind']>('all');
  const [count, setCount] = useState(String(Math.min(8, unread.count)));
  const [borders, setBorders] = useState('');
  const [within, setWithin] = useState('2');
  const near = numbersIn(borders);
  const reach = Number(within.replace(',', '.'));
  const close = unread.figures.filter((figure) => near?.some((border) => Math.abs(figure - border) <= reach));
  const which = (): SecondChoice | null => {
    if (kind === 'all') return { kind };
    if (kind === 'sample') {
      const wanted = Number(count);
      return Number.isInteger(wanted) && wanted >= 1 && wanted <= 10_000 ? { kind, count: wanted } : null;
    }
    return near && near.length > 0 && near.length <= 20 && within.trim() !== '' && reach >= 0
      ? { kind, borders: near, within: reach }
      : null;
  };
  if (teachers.length === 0) return <p className="mt-4">{t('nobody')}</p>;
  if (unread.count === 0) return <p className="mt-4">{t('noPosts')}</p>;
  return (
    <form
      className="mt-4 grid max-w-[620px] gap-4"
      onSubmit={async (event) => {
        event.preventDefault();
        const choice = which();
        if (!choice) return say(t(`wrong.${kind === 'sample' ? 'sample' : 'border'}`), 'which');
        const outcome = await wait(call(askSecondReading, { assignmentId, readerId, which: choice }));
        if (!outcome.ok) return;
        onLeave?.();
        router.refresh();
      }}
    >
      <label className="grid gap-1" htmlFor={`${id}-reader`}>
        {t('who')}
        <select
          id={`${id}-reader`}
          className="field"
          value={readerId}
          onChange={({ target }) => setReaderId(target.value)}
        >
          {teachers.map((one) => (
            <option key={one.personId} value={one.personId}>
              {one.name}
            </option>
          ))}
        </select>
      </label>
      <fieldset className="grid gap-2">
        <legend className="mb-1">{t('which')}</legend>
        {KINDS.map((one) => (
          <label key={one} className="flex items-baseline gap-2">
            <input type="radio" name={`${id}-kind`} checked={kind === one} onChange={() => setKind(one)} />
            <span>
              {t(one, { count: unread.count })}
              <span className="block text-ink-2">{t(`means.${one}`)}</span>
            </span>
          </label>
        ))}
      </fieldset>
      {kind === 'sample' ? (
        <label className="flex items-center gap-3" htmlFor={`${id}-count`}>
          {t('howMany')}
          <input
            id={`${id}-count`}
            className="field !w-24"
            inputMode="numeric"
            aria-invalid={field === 'which'}
            value={count}
            onChange={({ target }) => setCount(target.value)}
          />
        </label>
      ) : null}
      {kind === 'border' ? (
        <>
          <span className="flex flex-wrap gap-x-6 gap-y-3">
            <label className="flex items-center gap-3" htmlFor={`${id}-within`}>
              {t('within')}
              <input
                id={`${id}-within`}
                className="field !w-20"
                inputMode="decimal"
                value={within}
                onChange={({ target }) => setWithin(target.value)}
              />
            </label>
            <label className="flex items-center gap-3" htmlFor={`${id}-borders`}>
              {t('borders')}
              <input
                id={`${id}-borders`}
                className="field !w-48"
                inputMode="text"
                aria-invalid={field === 'which'}
                placeholder={t('bordersAs', {
                  one: Math.round(unread.possible / 2),
                  two: Math.round(unread.possible * 0.75),
                })}
                value={borders}
                onChange={({ target }) => setBorders(target.value)}
              />
            </label>
          </span>
          <p className="text-ink-2" role="status">
            {t('near', { count: close.length, of: unread.figures.length })}
          </p>
        </>
      ) : null}
      <p className="text-ink-2">{t('blind')}</p>
      <p role="alert" className="problem">
        {problem}
      </p>
      <span className="flex flex-wrap gap-3">
        <button className="btn go" disabled={busy}>
          {t('go')}
        </button>
        {onLeave ? (
          <button type="button" className="btn" data-leave="" onClick={onLeave}>
            {t('leave')}
          </button>
        ) : null}
      </span>
    </form>
  );
}

/** Figures that were typed one after the other: "15, 22.5"; null where something else is among them. */
function numbersIn(typed: string): readonly number[] | null {
  const parts = typed.split(/[;\s]+|,\s+|,$/u).filter((part) => part !== '');
  const numbers = parts.map((part) => Number(part.replace(',', '.')));
  return numbers.every((number) => Number.isFinite(number) && number >= 0) ? numbers : null;
}
