import { useTranslations } from 'next-intl';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { addressesOf } from '../../contract/addresses';
import { byDue } from '../../core/assignments/byDue';
import { useStepName } from '../assignment/Steps';
import type { ClassWorkShown, WorkShown } from '../assignment/workShown';
import { WeekStrip, type DayShown } from './WeekStrip';
import { WorkRow } from './WorkRow';

interface StudentTodayProps {
  readonly name: string;
  /** By class, the one that was turned to last first. */
  readonly groups: readonly ClassWorkShown[];
  readonly days: readonly Omit<DayShown, 'events'>[];
  /** Until which day they are away; null where they are there. */
  readonly awayUntil: string | null;
  /** How many of their questions were answered since they looked, by assignment. */
  readonly answered: Readonly<Record<string, number>>;
  /** What a student editor may read before it is published. */
  readonly toRead: readonly {
    readonly href: string;
    readonly title: string;
    readonly assignment: string;
    readonly writer: string;
    readonly when: string;
  }[];
  /** The texts of classmates that they were given to read. */
  readonly peerToRead: readonly {
    readonly readingId: string;
    readonly classId: string;
    readonly title: string;
    readonly of: string;
  }[];
  /** What they told that worried them: who answered, or by when somebody reads it. */
  readonly told: readonly {
    readonly id: string;
    readonly answer: { readonly by: string } | null;
    readonly by: string | null;
  }[];
}

/** A student's first page: what is due, how far each post is, what came back. */
export function StudentToday({
  name,
  groups,
  days,
  awayUntil,
  answered,
  toRead,
  peerToRead,
  told,
}: StudentTodayProps) {
  const t = useTranslations('today.student');
  const stepName = useStepName();
  const work = groups.flatMap((group) => group.work).toSorted(byDue);
  const classOf = (one: WorkShown) => {
    const group = groups.find((each) => each.classId === one.classId);
    return groups.length > 1 && group ? group.groupName || group.title : null;
  };
  const toDo = work.filter((one) => one.state !== 'handedIn' && one.state !== 'accepted');
  const open = toDo.filter((one) => !one.excused);
  const excused = toDo.filter((one) => one.excused);
  const handedIn = work.filter((one) => one.state === 'handedIn' || one.state === 'accepted');
  const next = open.find((one) => !one.past) ?? open[0];
  return (
    <main className="page" id="main">
      <h1 className="says">
        {next
          ? t(next.past ? 'wasDue' : 'isDue', { title: next.title, due: next.due ?? '' })
          : t('nothingDue', { name })}
      </h1>
      <p className="under">{t('summary', { open: open.length, away: handedIn.length })}</p>
      {awayUntil === null ? null : (
        <p className="mt-4 border-l-4 border-dusk pl-3">{t('away', { day: awayUntil })}</p>
      )}
      <WeekStrip
        days={days.map((day) => ({
          ...day,
          events: work
            .filter((one) => one.dueDate === day.date)
            .map((one) => ({
              key: one.assignmentId,
              content: (
                <>
                  {t('dueEvent', { title: one.title, at: one.dueTime ?? '' })}
                  {one.step ? <span className="block">{stepName(one.step)}</span> : null}
                  <span className="block text-ink-2">{t(`state.${one.state}`)}</span>
                </>
              ),
            })),
        }))}
      />
      {work
        .filter((one) => one.newNotes > 0 && one.postId !== null)
        .map((one) => (
          <NewsLine
            key={one.assignmentId}
            tone="plum"
            isNote
            href={addressesOf(one.classId).post(one.postId ?? '')}
          >
            {t('newNotes', { count: one.newNotes, title: one.title })}
          </NewsLine>
        ))}
      {work.flatMap((one) =>
        one.originOpenedBy.map((by) => (
          <NewsLine
            key={`${one.assignmentId} ${by}`}
            tone="dusk"
            href={addressesOf(one.classId).origin(one.postId ?? '')}
          >
            {t('originOpened', { by, title: one.postTitle || one.title })}
          </NewsLine>
        )),
      )}
      {work
        .filter((one) => answered[one.assignmentId])
        .map((one) => (
          <NewsLine
            key={one.assignmentId}
            tone="plum"
            href={
              one.postId
                ? addressesOf(one.classId).post(one.postId)
                : addressesOf(one.classId).assignment(one.assignmentId)
            }
          >
            {t('questionAnswered', { count: answered[one.assignmentId] ?? 0, title: one.title })}
          </NewsLine>
        ))}
      {peerToRead.map((one) => (
        <NewsLine key={one.readingId} tone="dusk" href={addressesOf(one.classId).peerText(one.readingId)}>
          {t('peerToRead', { of: one.of, title: one.title })}
        </NewsLine>
      ))}
      {told.map((one) => (
        <NewsLine key={one.id} tone="plum" href="/told">
          {one.answer ? t('answered', { by: one.answer.by }) : t('toldWaits', { by: one.by ?? '' })}
        </NewsLine>
      ))}
      <WorkList heading={t('toWrite', { count: open.length })} work={open} classOf={classOf} />
      {excused.length > 0 ? (
        <WorkList heading={t('excusedFrom', { count: excused.length })} work={excused} classOf={classOf} />
      ) : null}
      {handedIn.length > 0 ? (
        <WorkList heading={t('withTeacher', { count: handedIn.length })} work={handedIn} classOf={classOf} />
      ) : null}
      {toRead.length > 0 ? (
        <section className="mt-9">
          <h2 className="section-head">{t('toRead', { count: toRead.length })}</h2>
          <ul className="rows">
            {toRead.map((one) => (
              <li key={one.href} className="sm:grid-cols-[1fr_200px_140px]">
                <span>
                  {/* The kept copy is a page of the blog: a whole page is fetched. */}
                  <a className="font-bold text-ink" href={one.href} dir="auto">
                    {one.title}
                  </a>
                  <span className="calm block">{one.assignment}</span>
                </span>
                <bdi>{one.writer}</bdi>
                <span className="calm">{one.when}</span>
              </li>
            ))}
          </ul>
        </section>
      ) : null}
    </main>
  );
}

interface NewsLineProps {
  /** Of teachers it is plum, of others dusk. */
  readonly tone: 'plum' | 'dusk';
  readonly isNote?: boolean;
  readonly href: string;
  readonly children: ReactNode;
}

/** Something that came since, with the way to it. */
function NewsLine({ tone, isNote = false, href, children }: NewsLineProps) {
  return (
    <p className={`mt-4 border-l-4 pl-3 ${tone === 'plum' ? 'border-plum' : 'border-dusk'}`}>
      <Link className={`act !whitespace-normal ${isNote ? 'plum' : ''}`} href={href} dir="auto">
        {children}
      </Link>
    </p>
  );
}

interface WorkListProps {
  readonly heading: string;
  readonly work: readonly WorkShown[];
  /** The class of each, where rows of several stand together. */
  readonly classOf: (one: WorkShown) => string | null;
}

function WorkList({ heading, work, classOf }: WorkListProps) {
  return (
    <section className="mt-9">
      <h2 className="section-head">{heading}</h2>
      <ul className="rows">
        {work.map((one) => (
          <WorkRow key={one.assignmentId} work={one} inClass={classOf(one)} />
        ))}
      </ul>
    </section>
  );
}
