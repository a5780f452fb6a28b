'use client';

import { useTranslations } from 'next-intl';
import { useId } from 'react';
import { LessonTextField } from '../lesson/LessonTextField';
import { ModelPostField } from '../lesson/ModelPostField';
import { SeriesForm } from '../SeriesForm';
import { AtTheGateLine } from './AtTheGateLine';
import { BeginsWithLine } from './BeginsWithLine';
import { GivenTo } from './GivenTo';
import { ReadersLine } from './ReadersLine';
import type { ReadProps } from './readProps';
import { StarterLines } from './StarterLines';
import { WhenLine } from './WhenLine';

/** What the class will read, when it is due, and who reads the posts: read as students read it, changed where it is pressed. */
export function WhatStudentsRead(props: ReadProps) {
  const { draft, change, problemAt, groupName } = props;
  const { assignmentId, classId, language, writer } = props;
  const lesson = { writingId: assignmentId, classId, language, writer };
  const t = useTranslations('builder.read');
  const id = useId();
  return (
    <div className="grid grid-cols-1 gap-4">
      <h2 className="section-head">
        {t('title', { group: groupName })} <small className="ml-auto">{t('press')}</small>
      </h2>
      <div className="grid gap-1">
        <label
          className="flex items-center gap-1 text-[14px] font-semibold text-clay"
          htmlFor={`${id}-number`}
        >
          {t('assignment')}
          <input
            id={`${id}-number`}
            className="fill small-number !w-auto !text-clay [field-sizing:content]"
            type="number"
            min={0}
            max={999}
            value={draft.number}
            onChange={(event) =>
              change({ number: Math.max(0, Math.min(999, Math.round(event.target.valueAsNumber || 0))) })
            }
          />
        </label>
        <span data-at="title" className="contents">
          <textarea
            className="title-fill"
            rows={1}
            aria-label={t('titleLabel')}
            placeholder={t('titleHint')}
            aria-invalid={problemAt('title') !== ''}
            aria-describedby={`${id}-title-problem`}
            maxLength={200}
            value={draft.title}
            onChange={(event) => change({ title: event.target.value.replace(/\s*\n\s*/g, ' ') })}
          />
        </span>
        <p id={`${id}-title-problem`} className="problem" role="alert">
          {problemAt('title')}
        </p>
      </div>
      <div data-at="instructions">
        <LessonTextField
          {...lesson}
          label={t('instructions')}
          body={draft.instructions}
          problem={problemAt('instructions')}
          onChange={(instructions) => change({ instructions })}
        />
      </div>
      <div data-at="model">
        <ModelPostField
          {...lesson}
          model={draft.model}
          problem={problemAt('model')}
          onChange={(model) => change({ model })}
        />
      </div>
      <div className="border-t border-line pt-3">
        <StarterLines
          starters={draft.starters}
          problem={problemAt('starters')}
          onChange={(starters) => change({ starters })}
        />
      </div>
      <div className="grid gap-3 border-t border-line pt-3">
        {props.series ? null : (
          <div data-at="due">
            <WhenLine {...props} />
          </div>
        )}
        <ReadersLine {...props} />
        <AtTheGateLine {...props} />
        <div data-at="outline">
          <BeginsWithLine {...props} />
        </div>
        <GivenTo {...props} />
        <SeriesForm {...props} />
      </div>
    </div>
  );
}
