'use client';

import { ArrowLeft } from 'lucide-react';
import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { setAssignment } from '../../contract/assignments/setAssignment';
import { lacksToSet } from '../../core/assignments/lacksToSet';
import { rubricPoints } from '../../core/assignments/rubric';
import { useAddresses } from '../desk/useAddresses';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';
import { useRefusal } from '../basics/useRefusal';
import type { BuilderProps } from './builderProps';
import { Adjustments } from './Adjustments';
import { AssignmentEnd } from './AssignmentEnd';
import { DraftsSoFar } from './DraftsSoFar';
import { BuilderRailing } from './BuilderRailing';
import { EvidenceWarning } from './EvidenceWarning';
import { LateRuleSentence } from './LateRuleSentence';
import { RequirementList } from './RequirementList';
import { RubricBuilder } from './RubricBuilder';
import { useDraftSaving } from './useDraftSaving';
import { useHeldBack } from './useHeldBack';
import { useTrial } from './useTrial';
import { WhatStudentsRead } from './read/WhatStudentsRead';

/** The assignment builder: what students read, the requirements as sentences, rubric and lateness, and the gate that sets it. */
export function Builder(props: BuilderProps) {
  const { assignmentId, groupName, isSet } = props;
  const t = useTranslations('builder');
  const addresses = useAddresses();
  const refusal = useRefusal();
  const router = useRouter();
  const saving = useDraftSaving(assignmentId, props.draft, props.version);
  const { state, flush } = saving;
  // Once something was handed in, other requirements wait until the teacher has seen whose evidence they change.
  const { draft, change, held, apply, drop, dropped } = useHeldBack(saving, props);
  const trial = useTrial(draft, props);
  const { problem, field, say, wait } = useAsking();
  const refused =
    state.kind === 'refused' ? { field: state.field ?? '', text: refusal(state) } : { field, text: problem };
  const problemAt = (at: string) =>
    refused.field === at || refused.field.startsWith(`${at}.`) ? refused.text : '';

  // Asked for once, all that lacks is said; asked for again, it is set where nothing stops it.
  const [asked, setAsked] = useState(false);
  const lacking = () =>
    lacksToSet({ ...draft, isDue: draft.due !== null }, { dated: true, repeated: props.seriesOf !== null });
  const setIt = async () => {
    say('');
    const lacks = lacking();
    if (lacks.some((lack) => lack.stops) || (lacks.length > 0 && !asked)) {
      setAsked(true);
      return;
    }
    setAsked(false);
    if ((await flush()) && (await wait(call(setAssignment, { assignmentId }))).ok) router.refresh();
  };

  // Documents are opened for it: not while somebody only types.
  const lacks = asked ? lacking() : [];
  return (
    <>
      <section className="head" aria-label={t('head')}>
        <Link className="back" href={addresses.assignments}>
          <ArrowLeft aria-hidden="true" size={17} /> {t('back')}
        </Link>
        <span className="order-last ml-auto flex flex-wrap gap-x-5">
          <Link className="act" href={addresses.assignmentAsStudent(assignmentId)} prefetch={false}>
            {t('asStudent')}
          </Link>
          <Link className="act" href={addresses.board(assignmentId)} prefetch={false}>
            {t('board')}
          </Link>
          {isSet ? (
            <Link className="act" href={addresses.set(assignmentId)} prefetch={false}>
              {t('posts')}
            </Link>
          ) : null}
        </span>
        <p>
          <b>{draft.title || t('untitled')}</b>{' '}
          {props.series
            ? t('isSeries', { count: props.series.repetitions.length })
            : isSet
              ? t('isSet', { group: groupName, handedIn: props.handedIn })
              : t('notSetYet')}{' '}
          <span role="status">
            {state.kind === 'saving' ? (
              t('saving')
            ) : state.kind === 'saved' ? (
              t(held ? 'held.waits' : 'saved')
            ) : (
              <span className="problem">{refused.text}</span>
            )}
          </span>
        </p>
      </section>
      <main
        className="leafpage grid grid-cols-1 content-start !bg-paper lg:content-stretch lg:grid-cols-[330px_minmax(0,1fr)_350px]"
        id="main"
      >
        <section className="min-w-0 border-t border-line bg-sheet p-6 lg:overflow-auto">
          <WhatStudentsRead {...props} draft={draft} change={change} problemAt={problemAt} flush={flush} />
        </section>
        <section className="min-w-0 border-line border-t p-6 lg:overflow-auto lg:border-x">
          {held ? <EvidenceWarning held={held} onApply={apply} onDrop={drop} /> : null}
          <RequirementList
            key={dropped}
            {...props}
            draft={draft}
            answers={trial.answer.requirements}
            change={change}
            problemAt={problemAt}
          />
        </section>
        <section className="min-w-0 border-t border-line p-6 lg:overflow-auto">
          <RubricBuilder rubric={draft.rubric} onChange={(rubric) => change({ rubric })} />
          {problemAt('rubric') ? (
            <p className="problem" role="alert">
              {problemAt('rubric')}
            </p>
          ) : null}
          <LateRuleSentence
            rule={draft.lateRule}
            points={trial.answer.points.possible + rubricPoints(draft.rubric)}
            onChange={(lateRule) => change({ lateRule })}
          />
          <Adjustments {...props} draft={draft} />
          {props.drafts.length > 0 ? <DraftsSoFar drafts={props.drafts} /> : null}
          <AssignmentEnd {...props} />
        </section>
      </main>
      <BuilderRailing
        {...props}
        draft={draft}
        trial={trial}
        problem={problem}
        lacks={lacks.length > 0 ? lacks : null}
        onSet={() => void setIt()}
        onLower={() => setAsked(false)}
      />
    </>
  );
}
