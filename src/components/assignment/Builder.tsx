'use client';

import { ArrowLeft } from 'lucide-react';
import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { allStarters } from '../../core/assignments/starters';
import { rubricPoints } from '../../core/assignments/rubric';
import { emptyDocument } from '../../core/document/openDocument';
import { evaluate } from '../../core/requirements/evaluate';
import { slats } from '../../core/requirements/slats';
import { call } from '../basics/call';
import { Mark } from '../basics/Mark';
import { useRefusal } from '../basics/useRefusal';
import { Pickets } from '../railing/Pickets';
import { RequirementLine, useRequirementName } from '../railing/RequirementLine';
import type { BuilderProps } from './builderProps';
import { LateRuleSentence } from './LateRuleSentence';
import { RequirementList } from './RequirementList';
import { RubricBuilder } from './RubricBuilder';
import { useDraftSaving } from './useDraftSaving';
import { WhatStudentsRead } from './WhatStudentsRead';

/** The assignment builder: what students read, the requirements as sentences, rubric and lateness, and the gate that sets it. */
export function Builder(props: BuilderProps) {
  const { assignmentId, groupName, classLabels, isSet } = props;
  const t = useTranslations('builder');
  const refusal = useRefusal();
  const router = useRouter();
  const { draft, state, change, flush } = useDraftSaving(assignmentId, props.draft, props.version);
  const [problem, setProblem] = useState<{ readonly field: string; readonly text: string } | null>(null);
  const refused = state.kind === 'refused' ? { field: state.field, text: refusal(state) } : problem;
  const problemAt = (field: string) =>
    refused && (refused.field === field || refused.field.startsWith(`${field}.`)) ? refused.text : '';

  const setIt = async () => {
    setProblem(null);
    if (!(await flush())) return;
    const outcome = await call('setAssignment', { assignmentId });
    if (outcome.ok) router.refresh();
    else setProblem({ field: outcome.field ?? '', text: refusal(outcome) });
  };

  return (
    <>
      <div className="head">
        <Link className="back" href="/assignments">
          <ArrowLeft aria-hidden="true" size={17} /> {t('back')}
        </Link>
        <p>
          <b>{draft.title || t('untitled')}</b>{' '}
          {isSet ? t('isSet', { group: groupName, handedIn: props.handedIn }) : t('notSetYet')}{' '}
          <span role="status">
            {state.kind === 'saving' ? (
              t('saving')
            ) : state.kind === 'saved' ? (
              t('saved')
            ) : (
              <span className="problem">{refused?.text}</span>
            )}
          </span>
        </p>
      </div>
      <main
        className="leafpage grid grid-cols-1 content-start !bg-paper lg:content-stretch lg:grid-cols-[330px_minmax(0,1fr)_350px]"
        id="main"
      >
        <section className="min-w-0 border-t border-line bg-sheet p-6 lg:overflow-auto">
          <WhatStudentsRead {...props} draft={draft} change={change} problemAt={problemAt} />
        </section>
        <section className="min-w-0 border-line border-t p-6 lg:overflow-auto lg:border-x">
          <RequirementList draft={draft} classLabels={classLabels} change={change} problemAt={problemAt} />
        </section>
        <section className="min-w-0 border-t border-line p-6 lg:overflow-auto">
          <RubricBuilder rubric={draft.rubric} onChange={(rubric) => change({ rubric })} />
          {problemAt('rubric') ? (
            <p className="problem" role="alert">
              {problemAt('rubric')}
            </p>
          ) : null}
          <LateRuleSentence rule={draft.lateRule} onChange={(lateRule) => change({ lateRule })} />
        </section>
      </main>
      <BuilderRailing {...props} draft={draft} problem={problem?.text ?? ''} onSet={() => void setIt()} />
    </>
  );
}

interface BuilderRailingProps extends BuilderProps {
  readonly problem: string;
  readonly onSet: () => void;
}

/** The railing as a student finds it on an empty page, and the gate that sets the assignment. */
function BuilderRailing({
  draft,
  isSet,
  groupName,
  classLabels,
  language,
  timeZone,
  students,
  problem,
  onSet,
}: BuilderRailingProps) {
  const t = useTranslations('builder.gate');
  const nameOf = useRequirementName();
  const answer = useMemo(
    () =>
      evaluate(
        {
          ...draft,
          date: null,
          week: null,
          language,
          timeZone,
          classLabels,
          starters: allStarters(draft.starters),
        },
        { title: '', labels: [], body: emptyDocument() },
      ),
    [draft, language, timeZone, classLabels],
  );
  return (
    <footer className="railing with-gate" aria-label={t('railing')}>
      <ul className="bays" aria-label={t('empty')} tabIndex={0}>
        {answer.requirements.map((one, index) => {
          const requirement = draft.requirements[index]!;
          return (
            <li key={one.id} className="bay">
              <Pickets slats={slats(one, requirement.weight)} />
              <b>{nameOf(requirement)}</b>
              <small className={requirement.weight === 'bonus' ? 'bonus' : ''}>
                <RequirementLine answer={one} />
              </small>
            </li>
          );
        })}
      </ul>
      <section className="gate" aria-label={t('label')}>
        <Mark id="gate-open" className="leaf" />
        <div className="say">
          <b>
            {t('points', { points: answer.points.possible + rubricPoints(draft.rubric), group: groupName })}
          </b>
          <small>
            {problem ? (
              <span className="problem">{problem}</span>
            ) : (
              t('split', { bays: answer.points.possible, rubric: rubricPoints(draft.rubric) })
            )}
          </small>
          {isSet ? (
            <small className="!mt-2 font-semibold">{t('seenBy', { students })}</small>
          ) : (
            <button type="button" className="sign" onClick={onSet}>
              {t('set')}
            </button>
          )}
        </div>
      </section>
    </footer>
  );
}
