'use client';

import { useFormatter, useTranslations } from 'next-intl';
import { ArrowLeft, ArrowRight } from 'lucide-react';
import { useRef, useState, type KeyboardEvent } from 'react';
import { judge } from '../../contract/reviews/judge';
import { judgeRequirement } from '../../contract/reviews/judgeRequirement';
import { asksFor } from '../../core/requirements/requirement';
import { marks, weightOf } from '../../core/requirements/slats';
import { PassphraseForm } from '../basics/PassphraseForm';
import { Bay } from '../railing/Bay';
import { Tray } from '../railing/Tray';
import { useTrays } from '../railing/useTrays';
import { AcceptAtForm } from './AcceptAtForm';
import { AlikePassages } from './AlikePassages';
import { CountOtherwise } from './CountOtherwise';
import { CriterionBay } from './CriterionBay';
import { BankForNotes, NotesBay } from './NotesBay';
import { DetailsToLookAt } from './DetailsToLookAt';
import { EvidenceTray } from './EvidenceTray';
import { openDetails } from './openDetails';
import { GradeTray } from './GradeTray';
import { ReadersTray } from './ReadersTray';
import type { ReviewRailingProps } from './reviewProps';
import { SendBackForm } from './SendBackForm';
import { TeacherGate } from './TeacherGate';

/** The teacher's railing: evidence first, a bay for each criterion, the grade, the gate with the decision. */
export function ReviewRailing(props: ReviewRailingProps) {
  const { answer, requirements, rubric, levels, grade, act } = props;
  /** As whom they judge. */
  const second = props.second?.mine ?? false;
  const t = useTranslations('review');
  const format = useFormatter();
  const bays = useRef<HTMLDivElement>(null);
  /** Whether the gate is shown where there is no room for it beside the bays. */
  const [deciding, setDeciding] = useState(false);
  const { raised, toggle, lower, bay, tray } = useTrays<
    'evidence' | 'notes' | 'grade' | 'passphrase' | 'readers' | 'sendBack' | 'acceptAt'
  >();
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
    <footer
      className={`railing tall with-gate reviewing ${deciding ? 'deciding' : ''}`}
      aria-label={t('railing')}
    >
      <div className="bays" ref={bays} onKeyDown={moveBetweenBays}>
        <Bay name={t('whatItNeeded')} slats={marks(answer.requirements, requirements)} {...bay('evidence')}>
          {t('metOf', { met, of: answer.required.of, bonus: answer.points.bonus })}
          <OpenDetails details={props.details} />
        </Bay>
        <NotesBay {...props} {...bay('notes')} />
        {rubric.map((criterion) => (
          <CriterionBay
            key={criterion.id}
            criterion={criterion}
            chosen={levels[criterion.id] ?? null}
            disabled={props.busy || (props.second?.locked ?? false)}
            next={criterion.id === firstOpen}
            onNote={() =>
              props.notesAtWork.begin({ target: 'criterion', targetId: criterion.id, anchor: null })
            }
            onChoose={(level) => void act(judge, { criterionId: criterion.id, level, second })}
          />
        ))}
        <Bay
          name={t('grade')}
          slats={
            <span className="figure">
              {format.number(grade.grade)}{' '}
              <small>{t(grade.provisional ? 'ofSoFar' : 'of', { possible: grade.possible })}</small>
            </span>
          }
          {...bay('grade')}
        >
          {open > 0 ? t('toJudge', { count: open }) : t('lines', { count: grade.lines.length })}
        </Bay>
      </div>
      <div className="one-bay">
        <button
          type="button"
          className="btn"
          data-turns=""
          aria-label={t('bayBefore')}
          onClick={() => turnBays(bays.current, -1)}
        >
          <ArrowLeft size={18} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="btn"
          data-turns=""
          aria-label={t('bayAfter')}
          onClick={() => turnBays(bays.current, 1)}
        >
          <ArrowRight size={18} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="btn ms-auto"
          aria-expanded={deciding}
          data-leave={deciding ? '' : undefined}
          onClick={() => setDeciding(!deciding)}
        >
          {t(deciding ? 'readOn' : 'decide')}
        </button>
      </div>
      <TeacherGate
        {...props}
        open={open}
        onPassphrase={toggle('passphrase')}
        onReaders={toggle('readers')}
        onSendBack={toggle('sendBack')}
        onAcceptAt={toggle('acceptAt')}
      />
      {raised?.id === 'evidence' ? (
        <Tray {...tray} title={t('evidence', { met, of: answer.required.of })} width={760}>
          <EvidenceTray
            answer={answer}
            requirements={requirements}
            places={props.places}
            countOtherwise={(one, name) => (
              <CountOtherwise {...props} answer={one} name={name} said={props.overruled[one.id] ?? null} />
            )}
            busy={props.busy}
            onShow={(place) => {
              lower();
              props.show(place);
            }}
            onNote={(targetId) => {
              lower();
              props.notesAtWork.begin({ target: 'requirement', targetId, anchor: null });
            }}
            onJudge={(requirementId, judgement) =>
              void act(judgeRequirement, { requirementId, judgement, second })
            }
          >
            {asksFor(requirements, 'ownWords') ? (
              <AlikePassages
                {...props}
                onShow={(passage) => {
                  lower();
                  props.show(passage);
                }}
                onAsk={(passage) => {
                  lower();
                  props.askAbout(passage);
                }}
              />
            ) : null}
            <DetailsToLookAt
              {...props}
              onShow={(detail) => {
                lower();
                props.show(detail);
              }}
              onNote={(detail) => {
                lower();
                props.noteDetail(detail);
              }}
            />
          </EvidenceTray>
        </Tray>
      ) : null}
      {raised?.id === 'notes' ? (
        <Tray {...tray} title={t('bank')} width={620}>
          <BankForNotes {...props} onTaken={lower} />
        </Tray>
      ) : null}
      {raised?.id === 'grade' ? (
        <Tray {...tray} title={t('madeOf', { grade: grade.grade, possible: grade.possible })} width={520}>
          <GradeTray {...props} />
        </Tray>
      ) : null}
      {raised?.id === 'sendBack' ? (
        <Tray {...tray} title={t('sendBack.label')} width={520}>
          <SendBackForm {...props} onLeave={lower} />
        </Tray>
      ) : null}
      {raised?.id === 'acceptAt' ? (
        <Tray {...tray} title={t('acceptAt.label')} width={520}>
          <AcceptAtForm {...props} onLeave={lower} />
        </Tray>
      ) : null}
      {raised?.id === 'readers' ? (
        <Tray {...tray} title={t('readers.heading')} width={520}>
          <ReadersTray {...props} onDone={lower} />
        </Tray>
      ) : null}
      {raised?.id === 'passphrase' ? (
        <Tray {...tray} title={t('passphrase.heading')} width={520}>
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

/** Which kinds of personal details stand in it that nobody has said are meant to be there. */
function OpenDetails({ details }: Pick<ReviewRailingProps, 'details'>) {
  const t = useTranslations('details');
  const kinds = [...new Set(openDetails(details).map(({ kind }) => kind))];
  if (kinds.length === 0) return <span className="block">{t(details ? 'concernsNone' : 'notNow')}</span>;
  return (
    <em className="wanting block first-letter:uppercase">
      {kinds.map((kind) => t(`kind.${kind}`)).join(', ')}
    </em>
  );
}

/** Turns to the next bay where one at a time is shown. */
function turnBays(bays: HTMLElement | null, by: 1 | -1): void {
  bays?.scrollBy({ left: by * bays.clientWidth });
}
