'use client';

import { useFormatter, useTranslations } from 'next-intl';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { openTerm } from '../../contract/gradebook/openTerm';
import type { TermShown } from '../../contract/gradebook/termShown';
import type { Slat } from '../../core/requirements/slats';
import { Mark } from '../basics/Mark';
import { useDeed } from '../basics/useDeed';
import { StillBay } from '../railing/Bay';
import { picketsFor } from '../railing/picketsFor';
import { CloseTermPanel } from './CloseTermPanel';

const PICKETS = 8;

/** What closing a term needs, as a railing; in the gate it is closed, or opened again. */
export function TermRailing({ term }: { readonly term: TermShown }) {
  const t = useTranslations('term.railing');
  const format = useFormatter();
  const { act, busy, problem } = useDeed();
  const [asking, setAsking] = useState(false);
  const { closed, name, unread, notBack, posts, figures, students, bands, mayChange } = term;
  const given = students.filter((one) => one.given !== null).length;
  const soFar = students.filter((one) => one.given === null && one.unread > 0).length;
  const left = unread + notBack;
  return (
    <footer className="railing tall with-gate of-term" aria-label={t('label')}>
      <ul className="bays">
        <StillBay name={t('read')} slats={pickets(posts - unread, posts, 'unknown')}>
          {t('readOf', { read: posts - unread, posts, unread })}{' '}
          {unread > 0 ? <em>{t('wait', { unread })}</em> : null}
        </StillBay>
        <StillBay name={t('back')} slats={pickets(figures - notBack, figures, 'partly')}>
          {t('backOf', { back: figures - notBack, figures, notBack })}{' '}
          {notBack > 0 ? <em>{t('toGiveBack', { notBack })}</em> : null}
        </StillBay>
        <StillBay name={t('final')} slats={pickets(students.length - soFar, students.length, 'unknown')}>
          {t('finalOf', { computed: students.length - given - soFar, given, soFar })}{' '}
          {soFar > 0 ? <em>{t('soFar', { soFar })}</em> : null}
        </StillBay>
        <StillBay
          name={t('scale')}
          slats={
            <span className="steps" aria-hidden>
              {bands.map(({ letter }, at) => (
                <i key={letter} style={{ height: 11 + (22 * at) / Math.max(1, bands.length - 1) }} />
              ))}
            </span>
          }
        >
          {bands.length === 0
            ? t('noScale')
            : bands
                .toSorted((one, another) => one.from - another.from)
                .map(({ letter, from }) =>
                  from === 0 ? letter : t('from', { letter, from: format.number(from) }),
                )
                .join(', ')}
        </StillBay>
      </ul>
      <section className="gate" aria-label={t('gate')}>
        <Mark id={closed ? 'gate-shut' : 'gate-open'} className="leaf" />
        <div className="say">
          <b dir="auto">
            {closed ? t('stands', { name }) : left > 0 ? t('first', { unread, notBack }) : t('ready')}
          </b>
          <small>{t(closed ? 'standsSays' : 'thenStill')}</small>
          {!mayChange ? null : closed ? (
            <button
              type="button"
              className="sign"
              disabled={busy}
              onClick={() => void act(openTerm, { classId: term.classId, term: term.term })}
            >
              {t('open')}
            </button>
          ) : (
            <button
              type="button"
              className={left > 0 ? 'sign not-yet' : 'sign ready'}
              disabled={busy || !term.begun || term.readsSecond}
              onClick={() => setAsking(true)}
            >
              {t('close')}
            </button>
          )}
          {term.begun || closed ? null : <small className="problem">{t('ahead')}</small>}
          {problem ? (
            <small role="alert" className="problem">
              {problem}
            </small>
          ) : null}
        </div>
      </section>
      <Dialog.Root open={asking} onOpenChange={setAsking}>
        <CloseTermPanel term={term} onDone={() => setAsking(false)} />
      </Dialog.Root>
    </footer>
  );
}

function pickets(many: number, of: number, rest: Slat): readonly Slat[] {
  return picketsFor(many, of, { length: of === 0 ? 0 : PICKETS, rest });
}
