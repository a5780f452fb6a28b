'use client';

import { useTranslations } from 'next-intl';
import type { Slat } from '../../core/requirements/slats';
import { Mark } from '../basics/Mark';
import { StillBay } from '../railing/Bay';
import type { SecondRowShown } from './secondProps';
import type { Setting } from './useSetting';

interface SecondRailingProps {
  readonly rows: readonly SecondRowShown[];
  readonly row: SecondRowShown | null;
  readonly setting: Setting | null;
  /** The next post of which a figure is to be set, and how many are left after this one. */
  readonly next: { readonly name: string; readonly postId: string } | null;
  readonly left: number;
  readonly onNext: () => void;
}

/** So many pickets can be told apart in a bay. */
const MOST_PICKETS = 24;

/** The second reading step by step: how many are read twice, how many are the same, apart, and set; in the gate the figure. */
export function SecondRailing({ rows, row, setting, next, left, onNext }: SecondRailingProps) {
  const t = useTranslations('second.railing');
  const of = (states: readonly SecondRowShown['state'][]) =>
    rows.filter(({ state }) => states.includes(state)).length;
  const [twice, same, apart, settled] = [
    of(['firstOpen', 'same', 'apart', 'settled']),
    of(['same']),
    of(['apart']),
    of(['settled']),
  ];
  const pickets = (many: number, all: number, rest: Slat): readonly Slat[] =>
    Array.from({ length: Math.min(MOST_PICKETS, all) }, (_, index) =>
      index < Math.round((many * Math.min(MOST_PICKETS, all)) / Math.max(1, all)) ? 'met' : rest,
    );
  return (
    <footer className="railing tall with-gate of-set" aria-label={t('label')}>
      <ul className="bays">
        <StillBay
          name={t('twice', { count: twice, of: rows.length })}
          slats={pickets(twice, rows.length, 'gap')}
        >
          {t('toRead', { count: rows.length - twice })}
        </StillBay>
        <StillBay name={t('same', { count: same })} slats={pickets(same, same, 'met')}>
          {t('stand', { count: same })}
        </StillBay>
        <StillBay
          name={t('apart', { count: apart + settled })}
          slats={pickets(settled, apart + settled, 'unknown')}
        >
          {apart > 0 ? <em className="wanting">{t('toSet', { count: apart })}</em> : t('noneToSet')}
        </StillBay>
        <StillBay
          name={t('set')}
          slats={
            <span className="figure">
              {settled} <small>{t('of', { of: apart + settled })}</small>
            </span>
          }
        >
          {t('withReason')}
        </StillBay>
      </ul>
      <section className="gate" aria-label={t('gate')}>
        <Mark id="gate-shut" className="leaf" />
        <div className="board">
          <div className="facts">
            <div>
              <b>{t('sees', { name: row?.writer.name ?? '' })}</b>
              {setting ? t('oneFigure', { figure: setting.figure }) : t('oneOnly')}
            </div>
            <div>
              <b>{t('log')}</b>
              {setting && row?.first?.figure != null && row.second?.figure != null
                ? t('allThree', {
                    first: row.first.figure,
                    second: row.second.figure,
                    figure: setting.figure,
                  })
                : t('allGiven')}
            </div>
          </div>
          <div className="doing">
            {setting ? (
              <>
                <button type="button" className="sign" disabled={setting.busy || !next} onClick={onNext}>
                  {t('leaveOpen')}
                </button>
                <button
                  type="button"
                  className={setting.reason.trim() ? 'sign ready' : 'sign'}
                  disabled={setting.busy}
                  onClick={async () => {
                    if (await setting.set()) onNext();
                  }}
                >
                  {t('setIt', { figure: setting.figure })}
                  <small>{next ? t('then', { name: next.name, left }) : t('last')}</small>
                </button>
              </>
            ) : (
              <p className="p-2 text-[14px]">{t(row?.isReader ? 'othersSet' : 'choose')}</p>
            )}
          </div>
        </div>
      </section>
    </footer>
  );
}
