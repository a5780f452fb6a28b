'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { addLabel } from '../../contract/labels/addLabel';
import { changeLabel } from '../../contract/labels/changeLabel';
import { decideLabel } from '../../contract/labels/decideLabel';
import type { LabelInSet } from '../../core/labels/labelSet';
import type { DeskRules } from '../../core/classes/deskRules';
import { useDeed, type Act } from '../basics/useDeed';
import { DrawingPicker } from '../labels/DrawingPicker';
import { LabelDrawing } from '../labels/LabelDrawing';
import { DeskRuleForm } from './DeskRuleForm';

interface LabelShown extends LabelInSet {
  /** How many hand-ins have it. */
  readonly posts: number;
}

interface LabelsProps {
  readonly classId: string;
  readonly desk: DeskRules;
  readonly labels: readonly LabelShown[];
  readonly proposals: readonly { readonly label: string; readonly by: string }[];
}

/** The labels of a class: those that wait, those that it has, and ways to rename, merge or take one away. */
export function Labels({ classId, desk, labels, proposals }: LabelsProps) {
  const t = useTranslations('labels');
  const { act, busy, problem } = useDeed();
  const [fresh, setFresh] = useState('');
  const id = useId();
  return (
    <main className="page" id="main">
      <h1 className="says">{t('says', { count: labels.length, waiting: proposals.length })}</h1>
      <p className="under">{t('under')}</p>
      <p className="problem" role="alert">
        {problem}
      </p>
      {proposals.length ? (
        <section className="mt-5" aria-label={t('waiting')}>
          <h2 className="section-head">{t('waiting')}</h2>
          <ul className="rows">
            {proposals.map((one) => (
              <li key={one.label} className="!grid-cols-[1fr_auto] !py-2">
                <span>
                  <b>{one.label}</b> <span className="text-ink-2">{t('by', { name: one.by })}</span>
                </span>
                <span className="flex gap-4">
                  {[true, false].map((take) => (
                    <button
                      key={String(take)}
                      type="button"
                      className="act"
                      disabled={busy}
                      onClick={() => void act(decideLabel, { classId, label: one.label, take })}
                    >
                      {t(take ? 'take' : 'decline')}
                    </button>
                  ))}
                </span>
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      <div className="mt-6 grid items-start gap-x-12 gap-y-8 lg:grid-cols-2">
        <section aria-label={t('own')}>
          <h2 className="section-head">{t('own')}</h2>
          <ul className="rows">
            {labels.map((one) => (
              <LabelRow key={one.label} {...one} classId={classId} labels={labels} busy={busy} act={act} />
            ))}
          </ul>
          <form
            className="mt-4 flex flex-wrap items-end gap-3"
            onSubmit={(event) => {
              event.preventDefault();
              void act(addLabel, { classId, label: fresh }).then((added) => (added ? setFresh('') : null));
            }}
          >
            <label className="grid gap-1" htmlFor={id}>
              <span className="font-semibold">{t('add')}</span>
              <input
                id={id}
                className="field !w-64"
                maxLength={60}
                value={fresh}
                onChange={(event) => setFresh(event.target.value)}
              />
            </label>
            <button className="btn" disabled={busy || !fresh.trim()}>
              {t('addIt')}
            </button>
          </form>
        </section>
        <DeskRuleForm classId={classId} desk={desk} rule="labelsWait" />
      </div>
    </main>
  );
}

interface LabelRowProps extends LabelShown {
  readonly classId: string;
  readonly labels: readonly LabelShown[];
  readonly busy: boolean;
  readonly act: Act;
}

function LabelRow({ label, meaning, drawing, posts, classId, labels, busy, act }: LabelRowProps) {
  const t = useTranslations('labels');
  const [name, setName] = useState<string | null>(null);
  const [says, setSays] = useState(meaning);
  const [shown, setShown] = useState(drawing);
  const id = useId();
  if (name === null)
    return (
      <li className="!grid-cols-[1fr_auto] !py-2">
        <span className="flex items-center gap-2.5">
          <LabelDrawing drawing={drawing} />
          <span>
            <b>{label}</b> {meaning ? <span>{meaning} </span> : null}
            <span className="calm">{t('posts', { count: posts })}</span>
          </span>
        </span>
        <button
          type="button"
          className="act"
          aria-label={t('changeName', { label })}
          onClick={() => setName(label)}
        >
          {t('change')}
        </button>
      </li>
    );
  const merges = labels.some((one) => one.label !== label && one.label === name.trim());
  return (
    <li className="!grid-cols-1 !py-2">
      <form
        className="flex flex-wrap items-center gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void act(changeLabel, { classId, label, becomes: name, meaning: says, drawing: shown }).then(
            (done) => (done ? setName(null) : null),
          );
        }}
      >
        <input
          className="field !w-52"
          aria-label={t('newName', { label })}
          list={id}
          maxLength={60}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <datalist id={id}>
          {labels.map((one) => (
            <option key={one.label} value={one.label} />
          ))}
        </datalist>
        {merges ? null : (
          <>
            <DrawingPicker label={label} drawing={shown} onChoose={setShown} />
            <input
              className="field !w-64"
              aria-label={t('meaning', { label })}
              placeholder={t('meaningHint')}
              maxLength={120}
              value={says}
              onChange={(event) => setSays(event.target.value)}
            />
          </>
        )}
        <button
          className="btn"
          disabled={
            busy || !name.trim() || (name.trim() === label && says.trim() === meaning && shown === drawing)
          }
        >
          {t(merges ? 'merge' : 'keep')}
        </button>
        <button
          type="button"
          className="act"
          disabled={busy}
          onClick={() => void act(changeLabel, { classId, label, becomes: null })}
        >
          {t('takeAway')}
        </button>
        <button type="button" className="act" data-leave="" onClick={() => setName(null)}>
          {t('leave')}
        </button>
      </form>
    </li>
  );
}
