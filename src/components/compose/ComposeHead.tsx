'use client';

import { ArrowLeft } from 'lucide-react';
import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import { nextToCome, useStepName } from '../assignment/Steps';
import type { ComposeProps } from './composeProps';

interface ComposeHeadProps extends Pick<
  ComposeProps,
  'assignment' | 'classId' | 'due' | 'steps' | 'typing' | 'writer'
> {
  readonly asReaders: boolean;
  readonly onTurn: () => void;
}

/** What is written and when it is due, and the latch that turns the page round to what readers see. */
export function ComposeHead(props: ComposeHeadProps) {
  const { assignment, due, steps, typing, asReaders, onTurn } = props;
  const t = useTranslations('editor');
  const growing = useTranslations('growing');
  const stepName = useStepName();
  const next = nextToCome(steps);
  return (
    <section className="head no-print" aria-label={t('head')}>
      {typing?.mine ? (
        <Link className="back" href={addressesOf(props.classId).set(assignment.id)}>
          <ArrowLeft aria-hidden="true" size={17} />{' '}
          <span className="sr-only sm:not-sr-only">{t('theSet')}</span>
        </Link>
      ) : (
        <Link className="back" href="/writing">
          <ArrowLeft aria-hidden="true" size={17} />{' '}
          <span className="sr-only sm:not-sr-only">{t('myWriting')}</span>
        </Link>
      )}
      <p>
        <b>{assignment.title}</b>
        {typing ? (
          <span dir="auto">
            {' '}
            ·{' '}
            {typing.mine
              ? t('typesFor', { name: props.writer.nameInClass })
              : t('typedBy', { by: typing.by })}
          </span>
        ) : null}
        <span className="hidden sm:inline">, {t('assignmentNumber', { number: assignment.number })}</span>
        {next ? (
          <span>
            {' '}
            · {stepName(next)} {growing('by', { when: next.when })}
          </span>
        ) : due.when ? (
          <span>
            {' '}
            · {t('due', { when: due.when })}
            {due.late ? null : (
              <span className="hidden sm:inline">, {t('inDays', { days: due.inDays })}</span>
            )}
          </span>
        ) : null}
      </p>
      <button type="button" role="switch" aria-checked={asReaders} className="latch" onClick={onTurn}>
        <span className={asReaders ? '' : 'on'}>{t('writing')}</span>
        <i aria-hidden="true" />
        <span className={asReaders ? 'on' : ''}>{t('asReaders')}</span>
      </button>
    </section>
  );
}
