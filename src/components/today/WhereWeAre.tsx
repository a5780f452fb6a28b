import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf, reviewAddress } from '../../contract/addresses';
import type { Slip } from '../../contract/reviews/slip';
import type { ClassRole } from '../../core/access/may';
import { useNumberAmidWords, useNumberInWords } from '../basics/useNumberInWords';
import { Mark } from '../basics/Mark';
import { SmallRailing } from '../railing/SmallRailing';
import { dueOn, HowFar, type AssignmentToday } from './due';
import { LeftLine } from './LeftLine';
import { WeekStrip, type DayShown } from './WeekStrip';

interface WhereWeAreProps {
  readonly classId: string;
  readonly name: string;
  /** The last day of who looks, in words; null for who stays. */
  readonly lastDay: string | null;
  readonly days: readonly Omit<DayShown, 'events'>[];
  readonly assignments: readonly AssignmentToday[];
  /** How many posts wait, of which the oldest are listed. */
  readonly waiting: number;
  readonly slips: readonly Slip[];
  /** What the other teachers left to whoever takes over. */
  readonly lines: readonly {
    readonly personId: string;
    readonly name: string;
    readonly words: string;
    readonly at: string;
  }[];
  readonly own: { readonly words: string; readonly version: number };
  readonly teachers: readonly {
    readonly personId: string;
    readonly name: string;
    readonly monogram: string;
    readonly role: ClassRole;
    readonly lastDay: string | null;
  }[];
}

/** The page with which another teacher takes a class over, and on which its teacher says what they should know. */
export function WhereWeAre(props: WhereWeAreProps) {
  const { classId, name, lastDay, days, assignments, waiting, slips, lines, own, teachers } = props;
  const t = useTranslations('whereWeAre');
  const inWords = useNumberInWords();
  const addresses = addressesOf(classId);
  const [oldest] = slips;
  const runs = teachers.find((one) => one.role === 'teacher');
  const number = useNumberAmidWords()(waiting);
  return (
    <main className="page" id="main">
      <h1 className="says">
        {lastDay === null
          ? t('heading', { name, count: waiting, number })
          : t('yours', { name, day: lastDay, count: waiting, number })}
      </h1>
      <p className="under">{lastDay === null ? t('under') : t('underYours', { name: runs?.name ?? '' })}</p>
      <div className={lastDay === null ? '' : 'until'}>
        <WeekStrip days={days.map((day) => ({ ...day, events: dueOn(assignments, day.date) }))} />
        {lastDay === null ? null : (
          <p className="last-day">
            <Mark id="gate-open" className="leaf" />
            <b>{t('lastDay')}</b> {t('goesBack', { day: lastDay, name, teacher: runs?.name ?? '' })}
          </p>
        )}
      </div>
      <div className="mt-9 grid gap-x-12 gap-y-9 lg:grid-cols-[1.5fr_1fr]">
        <div className="grid content-start gap-9">
          <section>
            <h2 className="section-head flex items-center justify-between gap-4">
              {t('toRead', { count: waiting, number: inWords(waiting) })}
              {oldest ? (
                <Link className="btn go" href={reviewAddress(oldest.postId)} prefetch={false}>
                  {t('readThem')}
                </Link>
              ) : null}
            </h2>
            <ul className="rows">
              {slips.map((slip) => (
                <li
                  key={slip.postId}
                  className="grid-cols-[32px_1fr] sm:grid-cols-[32px_150px_1fr_auto_auto]"
                >
                  <span className="mono" aria-hidden="true">
                    {slip.monogram}
                  </span>
                  <Link
                    className="font-bold text-ink no-underline hover:underline"
                    href={reviewAddress(slip.postId)}
                    prefetch={false}
                  >
                    <bdi>{slip.writer}</bdi>
                  </Link>
                  <span className="col-start-2 sm:col-start-auto">
                    {slip.assignment}
                    <span className="calm block">
                      {[
                        slip.ordinal > 1 ? t('time', { ordinal: slip.ordinal }) : '',
                        slip.daysLate > 0 ? t('late', { days: slip.daysLate }) : '',
                      ]
                        .filter(Boolean)
                        .join(', ')}
                    </span>
                  </span>
                  <span className="col-start-2 sm:col-start-auto">
                    <SmallRailing slats={slip.slats} />
                  </span>
                  <span className="calm col-start-2 sm:col-start-auto">
                    {t('hours', { hours: slip.hoursWaiting })}
                  </span>
                </li>
              ))}
            </ul>
            {waiting > slips.length ? (
              <p className="py-3">
                <Link className="act" href="/pile">
                  {t('wholePile', { count: waiting })}
                </Link>
              </p>
            ) : null}
          </section>
          <section>
            <h2 className="section-head">{t('set', { count: assignments.length })}</h2>
            <ul className="rows">
              {assignments.map((assignment) => (
                <li key={assignment.id} className="sm:grid-cols-[1fr_220px]">
                  <Link
                    className="font-bold text-ink no-underline hover:underline"
                    href={addresses.set(assignment.id)}
                    prefetch={false}
                  >
                    {assignment.title}
                  </Link>
                  <HowFar assignment={assignment} />
                </li>
              ))}
            </ul>
          </section>
        </div>
        <div className="grid content-start gap-9">
          {lines.map((line) => (
            <section key={line.personId}>
              <h2 className="section-head">{t('leftYou', { name: line.name })}</h2>
              <blockquote className="left-line" dir="auto">
                {line.words}
                <footer>{line.at}</footer>
              </blockquote>
            </section>
          ))}
          <LeftLine classId={classId} {...own} supply={lastDay !== null} teacher={runs?.name ?? ''} />
          {lastDay === null ? null : (
            <section>
              <h2 className="section-head">{t('stays', { name: runs?.name ?? '' })}</h2>
              <p className="pt-3">{t.rich('rights', { b: (text) => <b>{text}</b> })}</p>
            </section>
          )}
          <section>
            <h2 className="section-head">{lastDay === null ? t('teachers') : t('helps')}</h2>
            <ul className="rows">
              {teachers.map((one) => (
                <li key={one.personId} className="grid-cols-[32px_1fr]">
                  <span className="mono" aria-hidden="true">
                    {one.monogram}
                  </span>
                  <span>
                    <b>
                      <bdi>{one.name}</bdi>
                    </b>{' '}
                    <span className="calm">
                      {one.lastDay === null
                        ? t(one.role === 'teacher' ? 'runsIt' : 'teachesToo')
                        : t('until', { day: one.lastDay })}
                    </span>
                  </span>
                </li>
              ))}
            </ul>
            {lastDay === null ? (
              <p className="pt-3">
                <Link className="act" href={addresses.invitations}>
                  {t('letIn')}
                </Link>
              </p>
            ) : (
              <p className="pt-3 text-ink-2">{t('office')}</p>
            )}
          </section>
        </div>
      </div>
    </main>
  );
}
