'use client';

import { useTranslations } from 'next-intl';
import type { SetDeed } from '../../core/posts/setDeeds';
import { notReached } from '../../core/posts/setDeeds';
import { Mark } from '../basics/Mark';
import { StillBay } from '../railing/Bay';
import { picketsFor } from '../railing/picketsFor';
import type { SetProps, SetRowShown } from './setProps';

/** So many pickets can be told apart in a bay. */
const MOST_PICKETS = 40;

interface SetRailingProps {
  readonly set: SetProps;
  readonly rows: readonly SetRowShown[];
  readonly busy: boolean;
  /** Chooses some and begins a deed with them. */
  readonly onBegin: (deed: SetDeed, rows: readonly SetRowShown[]) => void;
}

/** The set as a railing: a picket for each student in each bay; in the gate what waits for the whole of it. */
export function SetRailing({ set, rows, busy, onBegin }: SetRailingProps) {
  const t = useTranslations('set.railing');
  const asked = { audience: set.audience, hasDue: set.dueMinute !== null };
  const taking = rows.filter((row) => !row.excused);
  const handedIn = taking.filter((row) => row.handInId !== null);
  const read = handedIn.filter((row) => row.readBy.length > 0);
  const judged = handedIn.filter((row) => row.figure !== null && !row.figure.provisional);
  const givenBack = judged.filter((row) => row.figure?.givenBack != null);
  const toGiveBack = rows.filter((row) => notReached('giveBack', row, asked) === null);
  const toOpen = rows.filter((row) => notReached('open', row, asked) === null && row.published === null);
  const out = rows.filter((row) => row.readers !== null && row.readers.to !== 'writerAndTeachers').length;
  // Of a large set each picket stands for several.
  const all = Math.min(MOST_PICKETS, taking.length);
  const pickets = (many: number) => picketsFor(many, taking.length, { length: all, rest: 'gap' });
  const notBegun = taking.filter((row) => row.state === 'notBegun').length;
  return (
    <footer className="railing tall with-gate of-set" aria-label={t('label')}>
      <ul className="bays">
        <StillBay
          name={t('handedIn', { count: handedIn.length, of: taking.length })}
          slats={pickets(handedIn.length)}
        >
          {t('notBegun', { notBegun, excused: rows.length - taking.length })}
        </StillBay>
        <StillBay name={t('read', { count: read.length, of: handedIn.length })} slats={pickets(read.length)}>
          {t('waits', { count: handedIn.length - read.length })}
        </StillBay>
        <StillBay
          name={t('judged', { count: judged.length, of: handedIn.length })}
          slats={pickets(judged.length)}
        >
          {t('toJudge', { count: handedIn.length - judged.length })}
        </StillBay>
        <StillBay
          name={t('grades')}
          slats={
            <span className="figure">
              {judged.length - givenBack.length} <small>{t('notGivenBack')}</small>
            </span>
          }
        >
          {t('givenBack', { count: givenBack.length })}
        </StillBay>
      </ul>
      <section className="gate" aria-label={t('gate')}>
        <Mark id="gate-shut" className="leaf" />
        <div className="board">
          <div className="facts">
            <div>
              <b>{t('giveBackLabel')}</b>
              {t('giveBackFacts', { count: toGiveBack.length })}
            </div>
            <div>
              <b>{t('readers')}</b>
              {t('readersFacts', { out, waiting: toOpen.length })}
            </div>
          </div>
          <div className="doing">
            <button
              type="button"
              className="sign"
              disabled={busy || toGiveBack.length === 0}
              onClick={() => onBegin('giveBack', toGiveBack)}
            >
              {t('giveBack', { count: toGiveBack.length })}
            </button>
            <button
              type="button"
              className={toOpen.length > 0 ? 'sign ready' : 'sign'}
              disabled={busy || toOpen.length === 0}
              onClick={() => onBegin('open', toOpen)}
            >
              {t('open', { count: toOpen.length })}
            </button>
          </div>
        </div>
      </section>
    </footer>
  );
}
