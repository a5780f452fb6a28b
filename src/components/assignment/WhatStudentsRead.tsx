'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { linesOf } from '../../core/text/lines';
import { readStarters, writeStarters } from '../../core/assignments/starters';
import { dayOff, isSchoolDay } from '../../core/classes/schoolYear';
import { RELEASES } from '../../core/posts/release';
import type { AssignmentDraft } from '../../core/assignments/assignmentSettings';
import { AudienceSelect } from '../basics/AudienceSelect';
import type { BuilderProps } from './builderProps';
import { GivenTo } from './GivenTo';
import { SeriesForm } from './SeriesForm';
import { GrowingForm } from './GrowingForm';
import { LessonTextField } from './lesson/LessonTextField';
import { ModelPostField } from './lesson/ModelPostField';
import { CheckFill } from './forms/fields';

interface WhatStudentsReadProps extends BuilderProps {
  /** Saves what was changed last; true when the server has everything. */
  readonly flush: () => Promise<boolean>;
  readonly change: (part: Partial<AssignmentDraft>) => void;
  readonly problemAt: (field: string) => string;
}

/** What the class will read, when it is due, and who reads the posts. */
export function WhatStudentsRead(props: WhatStudentsReadProps) {
  const { draft, change, problemAt, groupName, ceiling, year } = props;
  const dueDay = draft.due?.slice(0, 10);
  const off = dueDay === undefined || isSchoolDay(dueDay, year) ? null : (dayOff(dueDay, year) ?? '');
  const { assignmentId, classId, language, writer } = props;
  const lesson = { writingId: assignmentId, classId, language, writer };
  const t = useTranslations('builder.read');
  const id = useId();
  const field = (name: string) => ({
    id: `${id}-${name}`,
    'aria-invalid': problemAt(name) !== '',
    'aria-describedby': `${id}-${name}-problem`,
  });
  const problem = (name: string) => (
    <p id={`${id}-${name}-problem`} className="problem" role="alert">
      {problemAt(name)}
    </p>
  );
  return (
    <div className="grid grid-cols-1 gap-4">
      <h2 className="section-head">{t('title', { group: groupName })}</h2>
      <label className="flex items-center gap-2 font-semibold text-clay" htmlFor={`${id}-number`}>
        {t('assignment')}
        <input
          {...field('number')}
          className="fill small-number"
          type="number"
          min={0}
          max={999}
          value={draft.number}
          onChange={(event) =>
            change({ number: Math.max(0, Math.min(999, Math.round(event.target.valueAsNumber || 0))) })
          }
        />
      </label>
      <div>
        <label className="font-semibold" htmlFor={`${id}-title`}>
          {t('titleLabel')}
        </label>
        <input
          {...field('title')}
          className="field font-read !text-[22px] font-semibold"
          maxLength={200}
          value={draft.title}
          onChange={(event) => change({ title: event.target.value })}
        />
        {problem('title')}
      </div>
      <LessonTextField
        {...lesson}
        label={t('instructions')}
        body={draft.instructions}
        problem={problemAt('instructions')}
        onChange={(instructions) => change({ instructions })}
      />
      <ModelPostField
        {...lesson}
        model={draft.model}
        problem={problemAt('model')}
        onChange={(model) => change({ model })}
      />
      <Lines
        label={t('starters')}
        hint={t('startersHint')}
        first={writeStarters(draft.starters)}
        problem={problemAt('starters')}
        onLines={(lines) => change({ starters: readStarters(lines) })}
      />
      <Lines
        label={t('outline')}
        hint={t('outlineHint')}
        first={draft.outline.join('\n')}
        problem={problemAt('outline')}
        onLines={(lines) =>
          change({
            outline: linesOf(lines),
          })
        }
      />
      {props.series ? null : (
        <div>
          <label className="font-semibold" htmlFor={`${id}-due`}>
            {t(draft.growing ? 'finish' : 'due')}
          </label>
          <input
            {...field('due')}
            className="field"
            type="datetime-local"
            value={draft.due ?? ''}
            onChange={(event) => change({ due: event.target.value || null })}
          />
          {off === null ? null : (
            <p className="mt-1 text-[13.5px] text-ink-2">
              {off ? t('dueOffNamed', { name: off }) : t('dueOff')}
            </p>
          )}
          {problem('due')}
        </div>
      )}
      {props.series ? null : (
        <GrowingForm
          growing={draft.growing}
          due={draft.due}
          problemAt={problemAt}
          onChange={(growing) => change({ growing })}
        />
      )}
      <GivenTo {...props} />
      <SeriesForm {...props} />
      <div>
        <label className="font-semibold" htmlFor={`${id}-audience`}>
          {t('audience')}
        </label>
        <AudienceSelect
          {...field('audience')}
          className="field"
          value={draft.audience}
          upTo={ceiling}
          onChoose={(audience) => change({ audience })}
        />
        <p className="mt-1 text-[13.5px] text-ink-2">{t(`audienceMeans.${draft.audience}`)}</p>
        {problem('audience')}
      </div>
      <div>
        <label className="font-semibold" htmlFor={`${id}-release`}>
          {t('release')}
        </label>
        <select
          {...field('release')}
          className="field"
          value={draft.release}
          onChange={(event) =>
            change({ release: RELEASES.find((one) => one === event.target.value) ?? draft.release })
          }
        >
          {RELEASES.map((release) => (
            <option key={release} value={release}>
              {t(`releases.${release}`)}
            </option>
          ))}
        </select>
      </div>
      <div>
        <label className="font-semibold" htmlFor={`${id}-missing`}>
          {t('missing')}
        </label>
        <select
          {...field('missing')}
          className="field"
          value={draft.missing}
          onChange={(event) => change({ missing: event.target.value === 'stops' ? 'stops' : 'warns' })}
        >
          <option value="warns">{t('warns')}</option>
          <option value="stops">{t('stops')}</option>
        </select>
      </div>
      <div>
        <label className="font-semibold" htmlFor={`${id}-pictureWidth`}>
          {t('pictureWidth')}
        </label>
        <select
          {...field('pictureWidth')}
          className="field"
          value={draft.pictureWidth}
          onChange={(event) => change({ pictureWidth: Number(event.target.value) })}
        >
          {[100, 50, 33].map((width) => (
            <option key={width} value={width}>
              {t(`pictureWidths.${width}`)}
            </option>
          ))}
        </select>
      </div>
      <CheckFill checked={draft.draftsOpen} onChange={(draftsOpen) => change({ draftsOpen })}>
        {t('draftsOpen')}
      </CheckFill>
    </div>
  );
}

interface LinesProps {
  readonly label: string;
  readonly hint: string;
  readonly first: string;
  readonly problem: string;
  readonly onLines: (lines: string) => void;
}

/** Several short things, one to a line. What is typed stays as it is typed while it is read. */
function Lines({ label, hint, first, problem, onLines }: LinesProps) {
  const id = useId();
  const [typed, setTyped] = useState(first);
  return (
    <div>
      <label className="font-semibold" htmlFor={id}>
        {label}
      </label>
      <textarea
        id={id}
        className="field min-h-16 [field-sizing:content]"
        aria-describedby={`${id}-hint`}
        maxLength={6000}
        value={typed}
        onChange={(event) => {
          setTyped(event.target.value);
          onLines(event.target.value);
        }}
      />
      <p id={`${id}-hint`} className="text-[13.5px] text-ink-2">
        {hint}
      </p>
      <p className="problem" role="alert">
        {problem}
      </p>
    </div>
  );
}
