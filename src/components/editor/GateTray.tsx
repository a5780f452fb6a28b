'use client';

import { ArrowRight } from 'lucide-react';
import { useTranslations } from 'next-intl';
import type { Answer, RequirementAnswer } from '../../core/requirements/answer';
import { mark } from '../../core/requirements/slats';
import type { Audience } from '../../core/access/audience';
import { nextToCome, Steps, useStepName, type StepShown } from '../assignment/Steps';
import { AudienceSelect } from '../basics/AudienceSelect';
import { PostAddress } from './trays/PostAddress';
import { Mark } from '../basics/Mark';
import { LETTER } from '../railing/letters';
import { RequirementLine, useRequirementName } from '../railing/RequirementLine';
import type { ComposeProps, DueShown } from './composeProps';
import { useNumberInWords } from '../basics/useNumberInWords';

export interface GateTrayProps {
  readonly assignment: ComposeProps['assignment'];
  readonly answer: Answer;
  /** What is missing and counts today. */
  readonly missing: readonly RequirementAnswer[];
  readonly readers: ComposeProps['readers'];
  readonly writer: ComposeProps['writer'];
  readonly teachers: ComposeProps['teachers'];
  readonly due: DueShown;
  /** What a growing post is to reach; none for one that is written once. */
  readonly steps: readonly StepShown[];
  readonly handIns: number;
  /** Where the post stands on the class blog. */
  readonly place: ComposeProps['place'] & { readonly postId: string; readonly title: string };
  readonly busy: boolean;
  readonly onHandIn: () => void;
  readonly onAudience: (audience: Audience) => void;
  readonly onLower: () => void;
  readonly onOpenBay: (requirementId: string) => void;
}

/** The gate, raised: what is missing, who will read it and when, how it stands with the time. */
export function GateTray(props: GateTrayProps) {
  return (
    <>
      <Missing {...props} />
      <Readers {...props} />
      <Time {...props} />
    </>
  );
}

function Missing({ assignment, answer, missing: counts, steps, onOpenBay }: GateTrayProps) {
  const t = useTranslations('gate');
  const inWords = useNumberInWords();
  const stepName = useStepName();
  const nameOf = useRequirementName();
  const weighed = answer.requirements.map((one, index) => ({
    one,
    requirement: assignment.requirements[index]!,
  }));
  const missing = weighed.filter(({ one }) => counts.includes(one));
  const next = missing.length ? null : nextToCome(steps);
  const others = weighed.filter((pair) => !missing.includes(pair));
  return (
    <section>
      <h2 className="!text-[25px]">
        {missing.length
          ? t('missing', { count: missing.length, number: inWords(missing.length) })
          : answer.ready
            ? t('nothingMissing')
            : t('nothingCounts')}
      </h2>
      <p className="text-ink-2">
        {missing.length && assignment.missing === 'stops' ? t('stops') : t('safeWhichever')}
      </p>
      {next ? <p>{t('countsNext', { step: stepName(next), when: next.when })}</p> : null}
      <ul className="grid gap-2">
        {missing.map(({ one, requirement }) => (
          <li key={one.id}>
            <button
              type="button"
              className="grid w-full grid-cols-[17px_1fr_auto] items-center gap-3 rounded border border-edge bg-paper px-3 py-2 text-left"
              onClick={() => onOpenBay(one.id)}
            >
              <Mark id={`s-${LETTER[mark(one, requirement.weight)]}`} className="s" />
              <span>
                <b className="block">{nameOf(requirement)}</b>
                <span className="text-[14px] text-ink-2 [&_em]:font-semibold [&_em]:text-clay [&_em]:not-italic">
                  <RequirementLine answer={one} />
                </span>
              </span>
              <span className="inline-flex items-center gap-1 font-semibold text-porch">
                {t('mend')} <ArrowRight aria-hidden="true" size={16} />
              </span>
            </button>
          </li>
        ))}
      </ul>
      {others.length ? (
        <>
          <h3 className="font-read text-[18px] font-semibold">
            {missing.length ? t('done') : answer.ready ? t('allOfThem') : t('howFar')}
          </h3>
          <ul className="grid gap-x-6 gap-y-2 sm:grid-cols-2">
            {others.map(({ one, requirement }) => (
              <li key={one.id} className="flex items-start gap-2 text-[14px]">
                <Mark id={`s-${LETTER[mark(one, requirement.weight)]}`} className="s" />
                <span>
                  <b>{nameOf(requirement)}</b>{' '}
                  <span className="text-ink-2">
                    <RequirementLine answer={one} />
                  </span>
                </span>
              </li>
            ))}
          </ul>
        </>
      ) : null}
    </section>
  );
}

function Readers({ readers, writer, teachers, place, onAudience }: GateTrayProps) {
  const t = useTranslations('gate.readers');
  const names = teachers.map((teacher) => teacher.name).join(t('and'));
  const atHandIn = readers.release === 'handIn' && readers.audience !== 'writerAndTeachers';
  const steps = [
    {
      key: 'now',
      words: readers.now ? t(`audience.${readers.now}`, { name: writer.nameOutside }) : t('onlyYou'),
      reached: true,
    },
    {
      key: 'handIn',
      words: atHandIn ? t('youTeachersAndClass', { names }) : t('youAndTeachers', { names }),
      reached: false,
    },
    ...(readers.audience === 'writerAndTeachers'
      ? []
      : [
          {
            key: readers.release === 'opened' ? 'opened' : 'accepted',
            words: t(`audience.${readers.audience}`, { name: writer.nameOutside }),
            reached: false,
          },
        ]),
  ];
  return (
    <section>
      <h2>{t('title')}</h2>
      <ol className="grid gap-3">
        {steps.map((step) => (
          <li
            key={step.key}
            className={`grid gap-0.5 border-l-[8px] pl-4 ${step.reached ? 'border-porch' : 'border-edge'}`}
          >
            <span className="text-[14px] text-ink-2">{t(`when.${step.key}`)}</span>
            <span>{step.words}</span>
          </li>
        ))}
      </ol>
      <label className="mt-auto grid gap-1 text-[14px]">
        <span className="font-semibold text-porch">{t('fewer')}</span>
        <AudienceSelect
          className="field"
          value={readers.audience}
          upTo={readers.widest}
          onChoose={onAudience}
        />
      </label>
      <PostAddress {...place} />
    </section>
  );
}

function Time(props: GateTrayProps) {
  const { due, steps, handIns, busy, onHandIn, onLower, assignment, missing } = props;
  const t = useTranslations('gate.time');
  const rule = due.lateRule;
  const shut = assignment.missing === 'stops' && missing.length > 0;
  return (
    <section>
      <h2>{due.when ? t('due', { when: due.when }) : t('noDue')}</h2>
      <p className="font-semibold">
        {due.when === null
          ? null
          : due.late
            ? t('late', { days: Math.max(1, -due.inDays) })
            : t('early', { days: due.inDays })}
      </p>
      {due.late && rule.kind !== 'none' ? <p>{t(`costs.${rule.kind}`, { perDay: rule.perDay })}</p> : null}
      {steps.length ? <Steps steps={steps} /> : null}
      <p className="text-ink-2">{t('whatHappens', { ordinal: handIns + 1 })}</p>
      <span className="mt-auto flex flex-wrap items-center gap-4">
        <button type="button" className="btn go sm:!hidden" disabled={busy || shut} onClick={onHandIn}>
          {t('handItIn')}
        </button>
        <button type="button" className="act" onClick={onLower}>
          {t('keepWriting')}
        </button>
        <kbd className="key">Esc</kbd>
      </span>
    </section>
  );
}
