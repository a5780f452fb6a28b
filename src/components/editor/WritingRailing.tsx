'use client';

import { ArrowRight } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import type { Answer } from '../../core/requirements/answer';
import { mark, slats } from '../../core/requirements/slats';
import { Mark } from '../basics/Mark';
import { Bay } from '../railing/Bay';
import { LETTER } from '../railing/letters';
import { Pickets } from '../railing/Pickets';
import { RequirementLine, useRequirementName } from '../railing/RequirementLine';
import { Tray } from '../railing/Tray';
import { GateTray, type GateTrayProps } from './GateTray';
import { TRAYS } from './trays/trays';
import type { TrayContentProps } from './trays/trayProps';

interface WritingRailingProps extends Omit<TrayContentProps, 'requirement' | 'answer' | 'lower'> {
  readonly answer: Answer;
  readonly gate: Omit<GateTrayProps, 'answer' | 'onLower' | 'onOpenBay' | 'assignment'>;
}

/** Which tray is raised: a requirement's, the list of all bays (on a phone), or the gate's. */
type Raised = { readonly id: string; readonly above: HTMLElement | null } | null;

const GATE = 'gate';
const ALL = 'all';

/** The writer's railing: a bay for each requirement, their trays, and the gate. */
export function WritingRailing({ answer, gate, ...content }: WritingRailingProps) {
  const t = useTranslations('railing');
  const trayId = useId();
  const nameOf = useRequirementName();
  const [raised, setRaised] = useState<Raised>(null);
  const requirements = content.assignment.requirements;
  const toFinish =
    answer.required.of -
    answer.requirements.filter(
      (one, index) =>
        requirements[index]?.weight === 'required' && (one.state === 'met' || one.state === 'unknown'),
    ).length;
  const lower = () => setRaised(null);
  const toggle = (id: string) => (above: HTMLElement | null) =>
    setRaised(raised?.id === id ? null : { id, above });
  const next = answer.requirements.find(
    (one, index) =>
      requirements[index]?.weight === 'required' && one.state !== 'met' && one.state !== 'unknown',
  );
  const marks = answer.requirements.map((one, index) => mark(one, requirements[index]?.weight ?? 'advice'));
  return (
    <>
      {raised?.id === GATE ? <div className="scrim" onClick={lower} /> : null}
      <footer className="railing with-gate" aria-label={t('label')}>
        <div className="bays hidden sm:grid" role="list">
          {answer.requirements.map((one, index) => {
            const requirement = requirements[index]!;
            return (
              <div role="listitem" key={one.id} className="grid">
                <Bay
                  name={nameOf(requirement)}
                  slats={slats(one, requirement.weight)}
                  bonus={requirement.weight === 'bonus'}
                  open={raised?.id === one.id}
                  trayId={trayId}
                  onPress={toggle(one.id)}
                >
                  <RequirementLine answer={one} />
                </Bay>
              </div>
            );
          })}
        </div>
        <div className="grid content-start sm:hidden">
          <Pickets slats={marks} />
          <p className="px-4 pt-2 text-[15px] font-bold leading-tight">
            {next
              ? t('next', { name: nameOf(requirements.find((one) => one.id === next.id)!) })
              : t('allDone')}
          </p>
          <button
            type="button"
            className="act mx-4 my-2 justify-self-start"
            aria-expanded={raised?.id === ALL}
            onClick={(event) => toggle(ALL)(event.currentTarget)}
          >
            {raised?.id === ALL ? t('lowerTray') : t('showAll', { count: requirements.length })}
          </button>
        </div>
        <section className="gate" aria-label={t('gate')}>
          <Mark id="gate-open" className="leaf" />
          <div className="say">
            <b>{toFinish > 0 ? t('toFinish', { count: toFinish }) : t('readyToHandIn')}</b>
            <small>
              {toFinish > 0 && content.assignment.missing === 'stops' ? t('gateIsShut') : t('gateIsOpen')}
            </small>
            <button
              type="button"
              className={toFinish > 0 ? 'sign' : 'sign ready'}
              aria-expanded={raised?.id === GATE}
              onClick={(event) => (raised?.id === GATE ? gate.onHandIn() : toggle(GATE)(event.currentTarget))}
              disabled={
                raised?.id === GATE && (gate.busy || (toFinish > 0 && content.assignment.missing === 'stops'))
              }
            >
              {raised?.id === GATE ? t('handItIn') : t('handIn')}
            </button>
          </div>
        </section>
        {answer.requirements.map((one, index) => {
          const requirement = requirements[index]!;
          const Content = TRAYS[one.kind];
          return raised?.id === one.id && Content ? (
            <Tray key={one.id} id={trayId} title={nameOf(requirement)} above={raised.above} onLower={lower}>
              <p className="mt-1 text-ink-2 [&_em]:font-semibold [&_em]:text-clay [&_em]:not-italic">
                <RequirementLine answer={one} />
              </p>
              <Content {...content} requirement={requirement} answer={one} lower={lower} />
            </Tray>
          ) : null;
        })}
        {raised?.id === ALL ? (
          <Tray
            id={trayId}
            title={t('allBays', { done: answer.required.met, toFinish })}
            above={raised.above}
            onLower={lower}
          >
            <ul className="mt-2">
              {answer.requirements.map((one, index) => (
                <li key={one.id} className="border-t border-line">
                  <button
                    type="button"
                    className="grid min-h-11 w-full grid-cols-[20px_88px_1fr_18px] items-center gap-2 text-left text-[14.5px] [&_em]:font-semibold [&_em]:text-clay [&_em]:not-italic"
                    onClick={() => setRaised({ id: one.id, above: raised.above })}
                  >
                    <Mark id={`s-${LETTER[marks[index] ?? 'gap']}`} className="s" />
                    <b>{nameOf(requirements[index]!)}</b>
                    <span className="text-ink-2">
                      <RequirementLine answer={one} />
                    </span>
                    <ArrowRight aria-hidden="true" size={17} />
                  </button>
                </li>
              ))}
            </ul>
          </Tray>
        ) : null}
        {raised?.id === GATE ? (
          <Tray id={trayId} title={t('gate')} above={raised.above} wide onLower={lower}>
            <GateTray
              {...gate}
              assignment={content.assignment}
              answer={answer}
              onLower={lower}
              onOpenBay={(id) => setRaised({ id, above: raised.above })}
            />
          </Tray>
        ) : null}
      </footer>
    </>
  );
}
