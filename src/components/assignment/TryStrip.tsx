'use client';

import { useTranslations } from 'next-intl';
import { useId } from 'react';
import { SAMPLES } from '../../core/assignments/samplePost';
import type { BuilderProps } from './builderProps';
import type { Trial } from './useTrial';

/** What the requirements are tried on, and how it comes out. */
export function TryStrip({
  trial,
  earlier,
}: {
  readonly trial: Trial;
  readonly earlier: BuilderProps['earlier'];
}) {
  const t = useTranslations('builder.try');
  const id = useId();
  const { on, tryOn, answer } = trial;
  return (
    <section className="try-strip" aria-label={t('label')}>
      <b>{t('label')}</b>
      {SAMPLES.map((sample) => (
        <button
          key={sample}
          type="button"
          aria-pressed={on.kind === 'sample' && on.sample === sample}
          onClick={() => tryOn({ kind: 'sample', sample })}
        >
          {t(`samples.${sample}`)}
        </button>
      ))}
      <button
        type="button"
        aria-pressed={on.kind === 'own'}
        onClick={() => tryOn({ kind: 'own', text: on.kind === 'own' ? on.text : '' })}
      >
        {t('own')}
      </button>
      {earlier.length ? (
        <select
          className="fill !w-36"
          aria-label={t('earlier')}
          value={on.kind === 'earlier' ? on.postId : ''}
          onChange={(event) =>
            tryOn(
              event.target.value
                ? { kind: 'earlier', postId: event.target.value }
                : { kind: 'sample', sample: SAMPLES[0] },
            )
          }
        >
          <option value="">{t('earlier')}</option>
          {earlier.map((one) => (
            <option key={one.postId} value={one.postId}>
              {t('by', { writer: one.writer, assignment: one.assignment })}
            </option>
          ))}
        </select>
      ) : null}
      <span role="status" className="ml-auto">
        {t.rich(answer.ready ? 'ready' : 'notReady', {
          ...answer.required,
          earned: answer.points.earned,
          possible: answer.points.possible,
          b: (chunks) => <b>{chunks}</b>,
        })}
      </span>
      {on.kind === 'own' ? (
        <label className="w-full" htmlFor={id}>
          <span className="sr-only">{t('own')}</span>
          <textarea
            id={id}
            className="field h-20 font-read"
            placeholder={t('ownHint')}
            value={on.text}
            onChange={(event) => tryOn({ kind: 'own', text: event.target.value })}
          />
        </label>
      ) : null}
    </section>
  );
}
