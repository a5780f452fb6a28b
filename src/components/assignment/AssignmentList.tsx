import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import { MakeButton } from '../basics/MakeButton';
import { DeletedAssignments } from './DeletedAssignments';
import { useNumberInWords } from '../basics/useNumberInWords';

interface AssignmentListProps {
  readonly classId: string;
  readonly groupName: string;
  readonly assignments: readonly {
    readonly id: string;
    readonly number: number;
    readonly title: string;
    readonly isSet: boolean;
    /** Whether it is out of the way. */
    readonly putAway: boolean;
    /** How often it is repeated; null for what is no series. */
    readonly repetitions: number | null;
    /** From when students see the next repetition, in words. */
    readonly opens: string | null;
    readonly due: string | null;
    readonly bays: number;
    readonly points: number;
    readonly handedIn: number;
    readonly waiting: number;
  }[];
  /** Deleted ones that can still be brought back; `until` is the last day, in words. */
  readonly deleted: readonly { readonly id: string; readonly title: string; readonly until: string }[];
}

type Listed = AssignmentListProps['assignments'][number];

/** A class's assignments, the latest first. */
export function AssignmentList({ classId, groupName, assignments: all, deleted }: AssignmentListProps) {
  const t = useTranslations('assignments');
  const inWords = useNumberInWords();
  const assignments = all.filter((one) => !one.putAway);
  const away = all.filter((one) => one.putAway);
  const unset = assignments.filter(
    (assignment) => !assignment.isSet && assignment.repetitions === null,
  ).length;
  const set = assignments.filter((assignment) => assignment.isSet).length;
  return (
    <main className="page" id="main">
      <div className="flex flex-wrap items-start justify-between gap-4">
        <div>
          <h1 className="says">
            {t('title', {
              count: set,
              number: inWords(set),
              group: groupName,
            })}
          </h1>
          <p className="under">
            {unset > 0 ? t('unset', { count: unset }) : set > 0 ? t('allSet') : t('noneYet')}
          </p>
        </div>
        <MakeButton label={t('make')} what="assignment" classId={classId} />
      </div>
      <ul className="rows mt-6">
        {assignments.map((assignment) => (
          <AssignmentRow key={assignment.id} classId={classId} assignment={assignment} />
        ))}
      </ul>
      {away.length > 0 ? (
        <details className="mt-8">
          <summary className="font-semibold text-porch">{t('away', { count: away.length })}</summary>
          <ul className="rows mt-2">
            {away.map((assignment) => (
              <AssignmentRow key={assignment.id} classId={classId} assignment={assignment} />
            ))}
          </ul>
        </details>
      ) : null}
      {deleted.length > 0 ? <DeletedAssignments classId={classId} deleted={deleted} /> : null}
    </main>
  );
}

/** An assignment in the list, with the ways to it and to its posts. */
function AssignmentRow({ classId, assignment }: { readonly classId: string; readonly assignment: Listed }) {
  const t = useTranslations('assignments');
  return (
    <li className="sm:grid-cols-[40px_1fr_220px_170px_160px]">
      <span className="font-read text-[22px] font-semibold">{assignment.number}</span>
      <span>
        <b>{assignment.title || t('untitled')}</b>
        <span className="calm block">{t('size', { bays: assignment.bays, points: assignment.points })}</span>
      </span>
      <span className="calm">
        {assignment.repetitions === null
          ? assignment.due
            ? t('due', { due: assignment.due })
            : t('noDue')
          : t('repeated', { count: assignment.repetitions })}
      </span>
      <span className="calm">
        {assignment.isSet
          ? t('in', { count: assignment.handedIn, waiting: assignment.waiting })
          : assignment.opens
            ? t('opens', { when: assignment.opens })
            : t('onlyTeachers')}
      </span>
      <span className="flex gap-2">
        <Link
          className="btn"
          href={addressesOf(classId).assignment(assignment.id)}
          aria-label={t('openTitle', { title: assignment.title || t('untitled') })}
        >
          {t('open')}
        </Link>
        {assignment.isSet ? (
          <Link
            className="btn"
            href={addressesOf(classId).set(assignment.id)}
            aria-label={t('postsTitle', { title: assignment.title || t('untitled') })}
          >
            {t('posts')}
          </Link>
        ) : null}
      </span>
    </li>
  );
}
