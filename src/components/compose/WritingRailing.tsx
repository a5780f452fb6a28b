'use client';

import { ArrowRight } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { missingNow, toldOn, type Counting } from '../../core/assignments/counting';
import type { Answer } from '../../core/requirements/answer';
import { mark, slats } from '../../core/requirements/slats';
import { Mark } from '../basics/Mark';
import { Bay } from '../railing/Bay';
import { Gate } from '../railing/Gate';
import { LETTER } from '../railing/letters';
import { useNumberInWords } from '../basics/useNumberInWords';
import { RequirementLine, useRequirementName } from '../railing/RequirementLine';
import { Tray } from '../railing/Tray';
import { useTrays } from '../railing/useTrays';
import { placeShown } from '../editor/atPlace';
import { BeginEntry } from './BeginEntry';
import { useAsked } from './NextPicture';
import { NextThing } from './NextThing';
import type { GateTrayProps } from './gate/gateProps';
import { TRAYS } from './trays/trays';
import type { PostAtWork } from './trays/trayProps';
import { onDemand } from '../basics/onDemand';
import { ofKind } from '../../core/requirements/ofKind';

const GateTray = onDemand(async () => (await import('./gate/GateTray')).GateTray);

interface WritingRailingProps {
  readonly work: PostAtWork;
  readonly answer: Answer;
  /** Whether it begins with the next thing alone. */
  readonly oneNextThing: boolean;
  /** What of that which is missing counts today. */
  readonly counting: Counting;
  readonly gate: Omit<
    GateTrayProps,
    'answer' | 'missing' | 'shownAt' | 'onLower' | 'onOpenBay' | 'assignment'
  > & {
    /** Why the post was not handed in, in words, or nothing. */
    readonly problem: string;
  };
}

/** A tray is a requirement's, the list of all bays (on a phone), or the gate's. */
const GATE = 'gate';
const ALL = 'all';

/** The writer's railing: a bay for each requirement, their trays, and the gate. */
export function WritingRailing({ work, counting, gate, oneNextThing, ...props }: WritingRailingProps) {
  const answer = toldOn(props.answer, counting);
  const t = useTranslations('railing');
  const nameOf = useRequirementName();
  const inWords = useNumberInWords();
  const { raised, raise, toggle, lower, bay, tray } = useTrays<string>();
  const [alone, setAlone] = useState(oneNextThing);
  const [later, setLater] = useState<readonly string[]>([]);
  const requirements = work.assignment.requirements;
  const missing = missingNow(answer, requirements, counting);
  const toFinish = missing.length;
  const isShut = toFinish > 0 && work.assignment.missing === 'stops';
  const open = missingNow(answer, requirements);
  // What was put off comes last, and is not forgotten.
  const next = open.find((each) => !later.includes(each.id)) ?? open[0];
  const asked = useAsked(next, work);
  const marks = answer.requirements.map((one, index) => mark(one, requirements[index]?.weight ?? 'advice'));
  return (
    <>
      {raised?.id === GATE ? <div className="scrim" onClick={lower} /> : null}
      <footer className="railing with-gate" aria-label={t('label')}>
        <div className={alone ? 'hidden' : 'bays hidden sm:grid'} role="list">
          {answer.requirements.map((one, index) => {
            const requirement = requirements[index]!;
            return (
              <div role="listitem" key={one.id} className="grid">
                <Bay
                  name={nameOf(requirement)}
                  slats={slats(one, requirement.weight)}
                  bonus={requirement.weight === 'bonus'}
                  {...bay(one.id)}
                >
                  <RequirementLine answer={one} />
                </Bay>
                {one.kind === 'entries' ? (
                  <BeginEntry
                    editor={work.editor}
                    doc={work.editor.state.doc}
                    assignment={work.assignment}
                    small
                    onBegun={lower}
                  />
                ) : null}
              </div>
            );
          })}
        </div>
        <NextThing
          className={alone ? 'grid content-start' : 'grid content-start sm:hidden'}
          slats={marks}
          next={
            next ? { answer: next, name: nameOf(requirements.find((each) => each.id === next.id)!) } : null
          }
          asked={alone ? asked : null}
          count={requirements.length}
          allOpen={raised?.id === ALL}
          begin={
            next?.kind === 'entries' ? (
              <BeginEntry
                editor={work.editor}
                doc={work.editor.state.doc}
                assignment={work.assignment}
                onBegun={lower}
              />
            ) : null
          }
          onDo={(above) => next && raise(next.id, above)}
          onLater={
            open.length > 1
              ? () => next && setLater([...later.filter((id) => id !== next.id), next.id])
              : null
          }
          onAll={toggle(ALL)}
          onAllBays={alone ? () => setAlone(false) : null}
        />
        <Gate
          label={t('gate')}
          stands={
            toFinish > 0
              ? t('toFinish', { count: toFinish })
              : open.length > 0
                ? t('growsOn', { count: open.length })
                : t('readyToHandIn')
          }
          problem={gate.problem}
          line={t(isShut ? 'gateIsShut' : 'gateIsOpen')}
        >
          <button
            type="button"
            className={toFinish > 0 ? 'sign' : 'sign ready'}
            aria-expanded={raised?.id === GATE}
            onClick={(event) => (raised?.id === GATE ? gate.onHandIn() : toggle(GATE)(event.currentTarget))}
            disabled={raised?.id === GATE && (gate.busy || isShut)}
          >
            {raised?.id === GATE ? t('handItIn') : t('handIn')}
          </button>
        </Gate>
        {answer.requirements.map((one, index) => {
          const requirement = requirements[index]!;
          const Content = ofKind(TRAYS, one.kind);
          return raised?.id === one.id && Content ? (
            <Tray key={one.id} {...tray} title={nameOf(requirement)} says={<RequirementLine answer={one} />}>
              <Content {...work} requirement={requirement} answer={one} lower={lower} />
            </Tray>
          ) : null;
        })}
        {raised?.id === ALL ? (
          <Tray
            {...tray}
            title={t('allBays', {
              done: answer.required.met,
              doneInWords: inWords(answer.required.met),
              toFinish,
              toFinishInWords: inWords(toFinish).toLocaleLowerCase(),
            })}
          >
            <ul className="mt-2">
              {answer.requirements.map((one, index) => (
                <li key={one.id} className="border-t border-line">
                  <button
                    type="button"
                    className="grid min-h-11 w-full grid-cols-[20px_88px_1fr_18px] items-center gap-2 text-left text-[14.5px]"
                    onClick={() => raise(one.id, raised.above)}
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
          <Tray {...tray} title={t('gate')} wide>
            <GateTray
              {...gate}
              assignment={work.assignment}
              answer={answer}
              missing={missing}
              shownAt={(place) => placeShown(work.editor, place)}
              onLower={lower}
              onOpenBay={(id) => raise(id, raised.above)}
            />
          </Tray>
        ) : null}
      </footer>
    </>
  );
}
