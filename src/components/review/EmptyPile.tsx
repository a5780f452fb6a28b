import { useTranslations } from 'next-intl';
import Link from 'next/link';
import type { Pile } from '../../contract/reviews/slip';
import { PileOrder } from './PileOrder';
import { UndoDecision } from './UndoDecision';

/** The reading pile when all is read. */
export function EmptyPile(order: Pick<Pile, 'by' | 'classId' | 'classes'>) {
  const t = useTranslations('pile');
  return (
    <main className="page" id="main">
      <UndoDecision />
      <h1 className="says">{t('empty')}</h1>
      <p className="under mb-5">{t(order.classId === null ? 'emptyNext' : 'emptyHere')}</p>
      {order.classId === null ? null : (
        <p className="mb-5">
          <PileOrder {...order} />
        </p>
      )}
      <Link className="btn" href="/today">
        {t('toToday')}
      </Link>
    </main>
  );
}
