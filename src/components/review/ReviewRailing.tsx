'use client';

import { useTranslations } from 'next-intl';
import { useId, useRef, useState, type KeyboardEvent } from 'react';
import { judge } from '../../contract/reviews/judge';
import { judgeRequirement } from '../../contract/reviews/judgeRequirement';
import { marks, weightOf } from '../../core/requirements/slats';
import { PassphraseForm } from '../basics/PassphraseForm';
import { Pickets } from '../railing/Pickets';
import { Tray } from '../railing/Tray';
import { CriterionBay } from './CriterionBay';
import { EvidenceTray } from './EvidenceTray';
import { GradeTray } from './GradeTray';
import type { ReviewRailingProps } from './reviewProps';
import { TeacherGate } from './TeacherGate';

type TrayId = 'evidence' | 'grade' | 'passphrase';
type Raised = { readonly id: TrayId; readonly above: HTMLElement } | null;

/** The teacher's railing: evidence first, a bay for each criterion, the grade, the gate with the decision. */
export function ReviewRailing(props: ReviewRailingProps) {
  const { answer, requirements, rubric, levels, grade, act } = props;
  const t = useTranslations('review');
  const trayId = useId();
  const bays = useRef<HTMLDivElement>(null);
  const [raised, setRaised] = useState<Raised>(null);
  const lower = () => setRaised(null);
  const toggle = (id: TrayId, above: HTMLElement) => setRaised(raised?.id === id ? null : { id, above });
  const firstOpen = rubric.find((criterion) => levels[criterion.id] === undefined)?.id;
  const byEye = answer.requirements.filter((one) => one.kind === 'judged' && one.state === 'unknown').length;
  const open = rubric.filter((criterion) => levels[criterion.id] === undefined).length + byEye;
  const met = answer.requirements.filter(
    (one) => one.state === 'met' && weightOf(requirements, one.id) === 'required',
  ).length;

  const moveBetweenBays = (event: KeyboardEvent) => {
    const step = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    const focusable = [...(bays.current?.querySelectorAll<HTMLElement>('[data-bay]') ?? [])];
    const here = focusable.findIndex((bay) => bay.contains(document.activeElement));
    if (step === 0 || here < 0) return;
    event.preventDefault();
    focusable[Math.min(focusable.length - 1, Math.max(0, here + step))]?.focus();
  };

  return (
    <footer className="railing tall with-gate" aria-label={t('railing')}>
      <div className="bays" ref={bays} onKeyDown={moveBetweenBays}>
        <button
          type="button"
          className="bay"
          data-bay=""
          aria-expanded={raised?.id === 'evidence'}
          onClick={(event) => toggle('evidence', event.currentTarget)}
        >
          <Pickets slats={marks(answer.requirements, requirements)} />
          <b>{t('whatItNeeded')}</b>
          <small>{t('metOf', { met, of: answer.required.of, bonus: answer.points.bonus })}</small>
        </button>
        {rubric.map((criterion) => (
          <CriterionBay
            key={criterion.id}
            criterion={criterion}
            chosen={levels[criterion.id] ?? null}
            disabled={props.busy}
            next={criterion.id === firstOpen}
            onChoose={(level) => void act(judge, { criterionId: criterion.id, level })}
          />
        ))}
        <button
          type="button"
          className="bay"
          data-bay=""
          aria-expanded={raised?.id === 'grade'}
          onClick={(event) => toggle('grade', event.currentTarget)}
        >
          <span className="figure">
            {grade.grade}{' '}
            <small>{t(grade.provisional ? 'ofSoFar' : 'of', { possible: grade.possible })}</small>
          </span>
          <b>{t('grade')}</b>
          <small>
            {open > 0 ? t('toJudge', { count: open }) : t('lines', { count: grade.lines.length })}
          </small>
        </button>
      </div>
      <TeacherGate {...props} open={open} onPassphrase={(above) => toggle('passphrase', above)} />
      {raised?.id === 'evidence' ? (
        <Tray
          id={trayId}
          title={t('evidence', { met, of: answer.required.of })}
          above={raised.above}
          width={760}
          onLower={lower}
        >
          <EvidenceTray
            answer={answer}
            requirements={requirements}
            busy={props.busy}
            onJudge={(requirementId, judgement) => void act(judgeRequirement, { requirementId, judgement })}
          />
        </Tray>
      ) : null}
      {raised?.id === 'grade' ? (
        <Tray
          id={trayId}
          title={t('madeOf', { grade: grade.grade, possible: grade.possible })}
          above={raised.above}
          width={520}
          onLower={lower}
        >
          <GradeTray {...props} />
        </Tray>
      ) : null}
      {raised?.id === 'passphrase' ? (
        <Tray id={trayId} title={t('passphrase.heading')} above={raised.above} width={520} onLower={lower}>
          <PassphraseForm opens={{ postId: props.postId }} since={props.readers.passphraseSince}>
            <p className="under">
              {props.readers.passphraseSince
                ? t('passphrase.since', { since: props.readers.passphraseSince })
                : t('passphrase.none')}
            </p>
          </PassphraseForm>
        </Tray>
      ) : null}
    </footer>
  );
}
