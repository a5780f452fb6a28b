import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf, QUESTIONS, reviewAddress } from '../../contract/addresses';
import { Mark } from '../basics/Mark';
import { OpenSetButton } from './OpenSetButton';
import { dueOn, HowFar, type AssignmentToday } from './due';
import { WeekStrip, type DayShown } from './WeekStrip';
import { useNumberInWords } from '../basics/useNumberInWords';

interface WaitingOnes {
  readonly count: number;
  readonly first: string | null;
}

interface ClassToday {
  readonly classId: string;
  readonly title: string;
  readonly groupName: string;
  /** Posts that wait and need an eye before others: how many, and the one that has waited longest. */
  readonly detailsOut: WaitingOnes;
  readonly changedOnes: WaitingOnes;
  readonly asking: WaitingOnes;
  /** What is away from the class's screens because of a worry: whose, and where it can be put back. */
  readonly wordsAway: readonly { readonly name: string; readonly href: string }[];
  /** Assignments whose posts are read a second time: how many wait for them, and how many stand beside their own. */
  readonly secondReadings: readonly {
    readonly assignmentId: string;
    readonly title: string;
    readonly toRead: number;
    readonly first: string | null;
    readonly done: number;
  }[];
  /** How many comments wait until somebody has read them. */
  readonly commentsWait: number;
  /** Pages of the class blog that a student editor asks to be shown. */
  readonly pagesAsked: readonly { readonly id: string; readonly title: string }[];
  /** Whose consent has run out while something of theirs is meant for readers outside the class. */
  readonly consentsOver: readonly { readonly personId: string; readonly name: string }[];
  /** Who took the class over and left a line about it lately. */
  readonly linesLeft: readonly string[];
  readonly assignments: readonly AssignmentToday[];
}

interface TeacherTodayProps {
  /** Of the classes that they teach. */
  readonly classes: readonly ClassToday[];
  readonly waiting: number;
  /** How many worries wait for them. */
  readonly worries: number;
  /** How many questions of students wait for them. */
  readonly questions: number;
  readonly oldestDay: string | null;
  readonly firstWaiting: string | null;
  readonly days: readonly Omit<DayShown, 'events'>[];
}

/** An assignment with the class that it belongs to; `inClass` says its name where there are several. */
type Placed = AssignmentToday & { readonly classId: string; readonly inClass: string | null };

/** A teacher's first page: what waits, what is due, what needs a decision, in all their classes. */
export function TeacherToday(props: TeacherTodayProps) {
  const { classes, waiting, worries, questions, oldestDay, days, firstWaiting } = props;
  const t = useTranslations('today');
  const inWords = useNumberInWords();
  const assignments = classes.flatMap((one): Placed[] => {
    const inClass = classes.length > 1 ? one.groupName || one.title : null;
    return one.assignments.map((assignment) => ({ ...assignment, classId: one.classId, inClass }));
  });
  const needs = assignments.flatMap((assignment) => needsOf(assignment));
  const ofClasses = classes.flatMap((one) => {
    const { classId, commentsWait, wordsAway, secondReadings, pagesAsked, consentsOver, linesLeft } = one;
    const addresses = addressesOf(classId);
    const [asked] = pagesAsked;
    const titles = pagesAsked.map((page) => page.title).join(', ');
    const [over] = consentsOver;
    return [
      ...(linesLeft.length > 0
        ? [
            {
              href: addresses.whereWeAre,
              text: t('lineLeft', { count: linesLeft.length, names: linesLeft.join(', ') }),
            },
          ]
        : []),
      ...wordsAway.map(({ name, href }) => ({ href, text: t('awayWords', { name }) })),
      ...(commentsWait > 0
        ? [{ href: addresses.comments, text: t('commentsWait', { count: commentsWait }) }]
        : []),
      ...secondReadings.flatMap(({ assignmentId, title, toRead, first, done }) => [
        ...(first === null
          ? []
          : [{ href: reviewAddress(first), text: t('secondToRead', { count: toRead, title }) }]),
        ...(done === 0
          ? []
          : [{ href: addresses.second(assignmentId), text: t('secondDone', { count: done, title }) }]),
      ]),
      ...(asked
        ? [
            {
              href: pagesAsked.length === 1 ? addresses.page(asked.id) : addresses.pages,
              text: t('pagesAsked', { count: pagesAsked.length, titles }),
            },
          ]
        : []),
      ...(over
        ? [
            {
              href: consentsOver.length === 1 ? addresses.student(over.personId) : addresses.roster,
              text: t('consentOver', {
                count: consentsOver.length,
                names: consentsOver.map((one) => one.name).join(', '),
              }),
            },
          ]
        : []),
    ];
  });
  const eyes = (['detailsOut', 'asking', 'changedOnes'] as const).flatMap((kind) =>
    classes.flatMap((one) => {
      const { count, first } = one[kind];
      return first === null ? [] : [{ href: reviewAddress(first), text: t(kind, { count }) }];
    }),
  );
  const told = [
    ...(worries > 0 ? [{ href: '/worries', text: t('worries', { count: worries }) }] : []),
    ...(questions > 0
      ? [{ href: QUESTIONS, text: t('questions', { count: questions, number: inWords(questions) }) }]
      : []),
    ...eyes,
    ...ofClasses,
  ];
  return (
    <main className="page" id="main">
      <h1 className="says">
        {waiting === 0
          ? t('nothingToRead')
          : t('toRead', { count: waiting, number: inWords(waiting), day: oldestDay ?? '' })}
      </h1>
      <p className="under">
        {firstWaiting ? (
          <Link className="act" href={reviewAddress(firstWaiting)} prefetch={false}>
            {t('beginReading')}
          </Link>
        ) : assignments.length === 0 ? (
          t('firstAssignment')
        ) : (
          t('allRead')
        )}
      </p>
      <WeekStrip days={days.map((day) => ({ ...day, events: dueOn(assignments, day.date) }))} />
      <div className="mt-9 grid gap-x-11 gap-y-9 lg:grid-cols-[1.4fr_1fr]">
        <section>
          <h2 className="section-head">{t('reading', { count: waiting })}</h2>
          {assignments.length === 0 ? (
            <p className="py-4">
              <Link className="btn go" href={addressesOf(classes[0]?.classId ?? '').assignments}>
                {t('makeOne')}
              </Link>
            </p>
          ) : null}
          <ul className="rows">
            {assignments.map((assignment) => (
              <li key={assignment.id} className="sm:grid-cols-[1fr_220px_80px]">
                <span>
                  <Link
                    className="font-bold text-ink no-underline hover:underline"
                    href={addressesOf(assignment.classId).set(assignment.id)}
                    aria-label={t('allPosts', { title: assignment.title })}
                    prefetch={false}
                  >
                    {assignment.title}
                  </Link>
                  {assignment.inClass ? <span className="calm"> {assignment.inClass}</span> : null}
                  <span className="calm block">{waitingWords(assignment, t)}</span>
                </span>
                <HowFar assignment={assignment} />
                {assignment.firstWaiting ? (
                  <Link
                    className="btn go"
                    href={reviewAddress(assignment.firstWaiting)}
                    prefetch={false}
                    aria-label={t('readTitle', { title: assignment.title })}
                  >
                    {t('read')}
                  </Link>
                ) : (
                  <Link
                    className="btn"
                    href={addressesOf(assignment.classId).assignment(assignment.id)}
                    aria-label={t('openTitle', { title: assignment.title })}
                  >
                    {t('open')}
                  </Link>
                )}
              </li>
            ))}
          </ul>
        </section>
        <section>
          <h2 className="section-head">{t('needsYou', { count: needs.length + told.length })}</h2>
          {told.map(({ href, text }) => (
            <p key={`${href} ${text}`} className="flex items-center gap-3 border-b border-line py-3">
              <Mark id="s-w" className="s" />
              <a className="act !whitespace-normal" href={href}>
                {text}
              </a>
            </p>
          ))}
          {needs.length === 0 && told.length === 0 ? (
            <p className="py-4 text-ink-2">{t('nothingNeedsYou')}</p>
          ) : null}
          <ul className="rows">
            {needs.map((need) => (
              <li key={`${need.kind}-${need.assignment.id}`} className="grid-cols-[20px_1fr_auto]">
                <Mark id={need.kind === 'open' ? 's-w' : 's-g'} className="s" />
                <span>
                  {need.kind === 'open'
                    ? t('readyToOpen', { title: need.assignment.title, count: need.assignment.toOpen })
                    : t('notBegun', {
                        title: need.assignment.title,
                        names: need.assignment.notBegun.slice(0, 3).join(', '),
                        more: Math.max(0, need.assignment.notBegun.length - 3),
                      })}
                </span>
                {need.kind === 'open' ? <OpenSetButton assignmentId={need.assignment.id} /> : null}
              </li>
            ))}
          </ul>
        </section>
      </div>
    </main>
  );
}

interface Need {
  readonly kind: 'open' | 'notBegun';
  readonly assignment: AssignmentToday;
}

function needsOf(assignment: AssignmentToday): Need[] {
  return [
    ...(assignment.toOpen > 0 ? [{ kind: 'open' as const, assignment }] : []),
    ...(assignment.notBegun.length > 0 && !assignment.past
      ? [{ kind: 'notBegun' as const, assignment }]
      : []),
  ];
}

function waitingWords(assignment: AssignmentToday, t: ReturnType<typeof useTranslations<'today'>>): string {
  if (assignment.waiting === 0) return t('noneWaits', { accepted: assignment.accepted });
  return assignment.again > 0
    ? t('waitAgain', { count: assignment.waiting, again: assignment.again })
    : t('waits', { count: assignment.waiting });
}
