import { useTranslations } from 'next-intl';
import type { WordsMoved } from '../../core/origin/countSave';
import type { OriginShown } from './originProps';

interface DayTableProps extends Pick<OriginShown, 'sittings' | 'sum'> {
  /** Whether there is room for the fence in its place on a wide screen. */
  readonly narrowOnly: boolean;
}

/** The same figures as the fence, one row for each sitting. */
export function DayTable({ sittings, sum, narrowOnly }: DayTableProps) {
  const t = useTranslations('origin.fence');
  const back = sum.back > 0;
  const figures = (moved: WordsMoved) => (
    <>
      <td>{moved.written}</td>
      <td>{moved.pasted}</td>
      {back ? <td>{moved.back}</td> : null}
      <td>{moved.removed}</td>
    </>
  );
  return (
    <table className={`origin-table ${narrowOnly ? 'narrow-only' : ''}`}>
      <thead>
        <tr>
          <th scope="col">{t('sitting')}</th>
          <th scope="col">{t('written')}</th>
          <th scope="col">{t('pasted')}</th>
          {back ? <th scope="col">{t('back')}</th> : null}
          <th scope="col">{t('removed')}</th>
        </tr>
      </thead>
      <tbody>
        {sittings.map(({ day, ...moved }, index) => (
          <tr key={index}>
            <th scope="row">{day}</th>
            {figures(moved)}
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr>
          <th scope="row">{t('together')}</th>
          {figures(sum)}
        </tr>
      </tfoot>
    </table>
  );
}
