import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import { BeginButton } from '../assignment/BeginButton';
import { useStepName } from '../assignment/Steps';
import type { WorkShown } from '../assignment/workShown';
import { SmallRailing } from '../railing/SmallRailing';
import { useMadeWords } from '../basics/useMadeWords';

/** An assignment and a student's own post for it: how far it is, and the next thing to do. */
export function WorkRow({
  work,
  inClass = null,
  byPost = false,
}: {
  readonly work: WorkShown;
  /** The class, where rows of several stand together. */
  readonly inClass?: string | null;
  /** Whether the post's own title is told, before what it was written for. */
  readonly byPost?: boolean;
}) {
  const t = useMadeWords('today.student');
  const addresses = addressesOf(work.classId);
  const stepName = useStepName();
  return (
    <li className="sm:grid-cols-[1fr_230px_130px]">
      <span>
        <Link
          className="font-bold text-ink no-underline hover:underline"
          href={addresses.assignment(work.assignmentId)}
        >
          {(byPost && work.postTitle) || work.title}
        </Link>
        <span className="calm block">
          {byPost && work.postTitle ? `${work.title} · ` : ''}
          {inClass ? `${inClass} · ` : ''}
          {work.step ? `${stepName(work.step)} · ` : ''}
          {work.excused
            ? t('excused')
            : work.due
              ? t(work.past ? 'wasDueShort' : 'dueShort', { due: work.due })
              : t('noDue')}
          {work.notes > 0 ? ` · ${t('notes', { count: work.notes })}` : ''}
          {work.grade ? ` · ${t('grade', work.grade)}` : ''}
        </span>
        {work.reminder && !work.excused ? (
          <span className="block max-w-[60ch] border-l-2 border-plum pl-2" dir="auto">
            <b className="block">{t('reminder')}</b>
            {work.reminder}
          </span>
        ) : null}
        {work.said ? (
          <q className="calm block max-w-[60ch] border-l-2 border-plum pl-2">{work.said}</q>
        ) : null}
      </span>
      <span>
        {work.slats ? <SmallRailing slats={work.slats} /> : null}
        <span className="calm block">{t(`state.${work.state}`)}</span>
      </span>
      {work.postId ? (
        <Link
          className={work.state === 'draft' || work.state === 'sentBack' ? 'btn go' : 'btn'}
          href={work.state === 'handedIn' ? addresses.receipt(work.postId) : addresses.post(work.postId)}
          aria-label={t(`action.${work.state}Title`, { title: work.title })}
        >
          {t(`action.${work.state}`)}
        </Link>
      ) : (
        <BeginButton
          classId={work.classId}
          assignmentId={work.assignmentId}
          label={t('beginTitle', { title: work.title })}
        >
          {t('begin')}
        </BeginButton>
      )}
    </li>
  );
}
