'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useId } from 'react';
import { arrangePile } from '../../contract/doors/arrangePile';
import type { Pile } from '../../contract/reviews/slip';
import { ARRANGEMENTS } from '../../core/posts/pile';
import { ask } from '../basics/call';
import { useAsking } from '../basics/useAsking';

/** How the pile lies, and of which class: kept for this teacher on every device. */
export function PileOrder({ by, classId, classes }: Pick<Pile, 'by' | 'classId' | 'classes'>) {
  const t = useTranslations('pile');
  const id = useId();
  const router = useRouter();
  const { busy, problem, wait } = useAsking();
  const arrange = async (wanted: Partial<Pick<Pile, 'by' | 'classId'>>) => {
    const { ok } = await wait(ask(arrangePile, { by, classId, ...wanted }));
    if (ok) router.refresh();
  };
  const ways = ARRANGEMENTS.filter((way) => way !== 'class' || classes.length > 1);
  return (
    <span className="pile-order">
      <label className="sr-only" htmlFor={`${id}-by`}>
        {t('order.label')}
      </label>
      <select
        id={`${id}-by`}
        disabled={busy}
        value={by}
        onChange={(event) =>
          void arrange({ by: ARRANGEMENTS.find((way) => way === event.target.value) ?? 'assignment' })
        }
      >
        {ways.map((way) => (
          <option key={way} value={way}>
            {t(`order.${way}`)}
          </option>
        ))}
      </select>
      {classes.length > 1 ? (
        <>
          <label className="sr-only" htmlFor={`${id}-of`}>
            {t('order.of')}
          </label>
          <select
            id={`${id}-of`}
            disabled={busy}
            value={classId ?? ''}
            onChange={(event) => void arrange({ classId: event.target.value || null })}
          >
            <option value="">{t('order.allClasses')}</option>
            {classes.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </>
      ) : null}
      <span role="alert" className="problem">
        {problem}
      </span>
    </span>
  );
}
