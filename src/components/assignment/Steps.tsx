import { useTranslations } from 'next-intl';
import type { Step, StepStanding } from '../../core/assignments/growing';
import { Mark } from '../basics/Mark';

/** A step as it is called: "10 entries". */
export function useStepName(): (step: Step) => string {
  const t = useTranslations('growing');
  return ({ kind, entries }) => t(`name.${kind}`, { entries });
}

/** A step of a growing post, its time in words. */
export type StepShown = StepStanding & { readonly when: string };

interface StepsProps {
  readonly steps: readonly StepShown[];
}

/** What is to be reached next; null when everything is past. */
export function nextToCome<Of extends StepStanding>(steps: readonly Of[]): Of | null {
  return steps.find((step) => step.state === 'toCome') ?? null;
}

/** What a growing post is to reach, one after the other, and how it stands. */
export function Steps({ steps }: StepsProps) {
  const t = useTranslations('growing');
  const stepName = useStepName();
  return (
    <section className="mt-4" aria-label={t('label')}>
      <h2 className="font-semibold">{t('label')}</h2>
      <ol className="mt-1 grid gap-1.5">
        {steps.map((step) => (
          <li key={`${step.kind}-${step.by}`} className="grid grid-cols-[18px_1fr] items-start gap-2">
            <Mark id={PICKET[step.state]} className="s" />
            <span>
              <b>{stepName(step)}</b> <span className="text-ink-2">{t('by', { when: step.when })}</span>
              <span className="block text-[14px] text-ink-2">
                {t(`state.${step.state}`, { kind: step.kind, had: step.had ?? 0 })}
              </span>
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

const PICKET = { reached: 's-m', missed: 's-g', toCome: 's-u' } as const;
