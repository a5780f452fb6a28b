'use client';

import { useFormatter, useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { giveBackGrade } from '../../contract/reviews/giveBackGrade';
import { setGrade } from '../../contract/reviews/setGrade';
import { GradeLines } from '../feedback/GradeLines';
import type { ReviewRailingProps } from './reviewProps';

/** The grade line by line, and another figure with a reason in its place. */
export function GradeTray(props: ReviewRailingProps) {
  const { grade, rubric, override, act, busy, problem } = props;
  const t = useTranslations('grade.override');
  const format = useFormatter();
  const id = useId();
  const [changing, setChanging] = useState(false);
  const [figure, setFigure] = useState(
    format.number(override?.grade ?? grade.computed, { useGrouping: false }),
  );
  const [reason, setReason] = useState(override?.reason ?? '');
  const value = Number(figure.replace(',', '.'));
  const valid = figure.trim() !== '' && Number.isFinite(value) && value >= 0;
  return (
    <>
      <GradeLines grade={grade} rubric={rubric} />
      {props.second?.mine ? null : changing ? (
        <form
          className="mt-3 grid gap-2 border-t border-line pt-3"
          onSubmit={async (event) => {
            event.preventDefault();
            if (valid && (await act(setGrade, { grade: value, reason }))) setChanging(false);
          }}
        >
          <label className="flex items-center gap-3" htmlFor={`${id}-figure`}>
            {t('figure')}
            <input
              id={`${id}-figure`}
              className="field !w-24"
              inputMode="decimal"
              value={figure}
              aria-invalid={!valid}
              onChange={(event) => setFigure(event.target.value)}
            />
          </label>
          <label className="grid gap-1" htmlFor={`${id}-reason`}>
            {t('reason')}
            <input
              id={`${id}-reason`}
              className="field"
              maxLength={300}
              value={reason}
              onChange={(event) => setReason(event.target.value)}
            />
          </label>
          <p className="problem" role="alert">
            {valid ? problem : t('noFigure')}
          </p>
          <span className="flex gap-3">
            <button className="btn go" disabled={busy || !valid}>
              {t('give')}
            </button>
            <button type="button" className="btn" data-leave="" onClick={() => setChanging(false)}>
              {t('leave')}
            </button>
          </span>
        </form>
      ) : (
        <span className="mt-3 flex gap-5">
          <button type="button" className="act" onClick={() => setChanging(true)}>
            {t('another')}
          </button>
          {override ? (
            <button
              type="button"
              className="act"
              onClick={() => void act(setGrade, { grade: null, reason: '' })}
            >
              {t('back', { computed: grade.computed })}
            </button>
          ) : null}
        </span>
      )}
      {props.second?.mine ? null : <GiveBackAgain {...props} />}
    </>
  );
}

/** Where another grade was given back already: the one of now takes its place with a reason, and the writer sees both. */
function GiveBackAgain({ gradeGivenBack, grade, override, act, busy, problem }: ReviewRailingProps) {
  const t = useTranslations('grade.again');
  const id = useId();
  const [reason, setReason] = useState(override?.reason ?? '');
  if (!gradeGivenBack || gradeGivenBack.grade === grade.grade) return null;
  return (
    <form
      className="mt-3 grid gap-2 border-t border-line pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        void act(giveBackGrade, { reason });
      }}
    >
      <p>{t('says', { before: gradeGivenBack.grade, when: gradeGivenBack.when, now: grade.grade })}</p>
      <label className="grid gap-1" htmlFor={id}>
        {t('reason')}
        <input
          id={id}
          dir="auto"
          className="field"
          maxLength={300}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
        />
      </label>
      <p className="problem" role="alert">
        {problem}
      </p>
      <button className="btn go justify-self-start" disabled={busy || !reason.trim()}>
        {t('give')}
      </button>
    </form>
  );
}
