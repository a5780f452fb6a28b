import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import type { LessonShown } from '../../core/assignments/lessonText';
import type { Criterion } from '../../core/assignments/rubric';
import type { Requirement } from '../../core/requirements/requirement';
import type { QuestionsOfAssignment } from '../../contract/questions/questionsShown';
import { PeerBeside } from '../peerReading/PeerBeside';
import { AskAndAnswers } from '../questions/AskAndAnswers';
import { Mark } from '../basics/Mark';
import { WhatItAsks } from './forms/WhatItAsks';
import { ModelPostShown } from './ModelPostShown';
import { Steps, type StepShown } from './Steps';
import { BeginButton } from './BeginButton';

interface AssignmentToReadProps {
  readonly classId: string;
  readonly id: string;
  readonly number: number;
  readonly title: string;
  readonly lesson: LessonShown;
  readonly requirements: readonly Requirement[];
  readonly rubric: readonly Criterion[];
  readonly due: string | null;
  /** What a growing post is to reach. */
  readonly steps: readonly StepShown[];
  /** What was asked and answered about it; null for who teaches. */
  readonly questions: QuestionsOfAssignment | null;
  /** Whether its writers read each other before they hand in. */
  readonly readEachOther: boolean;
  readonly postId: string | null;
  /** Whether who reads it can write for it. */
  readonly writes: boolean;
}

/** An assignment as a student reads it before beginning. */
export function AssignmentToRead({
  classId,
  id,
  number,
  title,
  lesson,
  requirements,
  rubric,
  due,
  steps,
  questions,
  readEachOther,
  postId,
  writes,
}: AssignmentToReadProps) {
  const t = useTranslations('assignments.read');
  return (
    <main className="page max-w-[820px]!" id="main">
      {writes ? null : (
        <p className="mb-6 border-l-4 border-porch bg-porch-tint p-3">
          {t('asStudent')}{' '}
          <Link className="act" href={addressesOf(classId).assignment(id)}>
            {t('backToBuilder')}
          </Link>
        </p>
      )}
      <p className="kind">{t('number', { number })}</p>
      <h1 className="says">{title}</h1>
      <p className="under">{due ? t('due', { due }) : t('noDue')}</p>
      <div className="prose my-6" dangerouslySetInnerHTML={{ __html: lesson.instructions }} />
      {lesson.model ? <ModelPostShown model={lesson.model} /> : null}
      {steps.length ? <Steps steps={steps} /> : null}
      <h2 className="section-head mt-6">{t('needs')}</h2>
      <ul className="my-3 grid gap-2">
        {requirements.map((requirement) => (
          <li key={requirement.id} className="flex items-center gap-2">
            <Mark id={requirement.weight === 'bonus' ? 's-c' : 's-g'} className="s" />
            <WhatItAsks requirement={requirement} number={number} />
          </li>
        ))}
      </ul>
      {rubric.length ? (
        <>
          <h2 className="section-head mt-6">{t('rubric')}</h2>
          <ul className="my-3 grid gap-3">
            {rubric.map((criterion) => (
              <li key={criterion.id}>
                <b>{criterion.name}</b>
                <ol className="text-ink-2">
                  {criterion.levels.map((level, index) => (
                    <li key={index}>
                      {t('level', {
                        level: index + 1,
                        description: level.description,
                        points: level.points * criterion.weight,
                      })}
                    </li>
                  ))}
                </ol>
              </li>
            ))}
          </ul>
        </>
      ) : null}
      {questions ? <AskAndAnswers questions={questions} postId={null} /> : null}
      {writes && readEachOther ? <PeerBeside assignmentId={id} /> : null}
      {!writes ? null : postId ? (
        <Link className="btn go" href={addressesOf(classId).post(postId)}>
          {t('writeOn')}
        </Link>
      ) : (
        <BeginButton classId={classId} assignmentId={id} label={t('begin')}>
          {t('begin')}
        </BeginButton>
      )}
    </main>
  );
}
