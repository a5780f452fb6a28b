'use client';

import { useTranslations } from 'next-intl';
import { useId, useState } from 'react';
import { dropPeerRule, keepPeerRule } from '../../contract/peerReading/keepPeerRule';
import type { PeerGroupsShown } from '../../contract/peerReading/peerShown';
import { LONGEST_QUESTION, MOST_QUESTIONS } from '../../core/peerReading/rule';
import { Field } from '../basics/Field';
import { useDeed } from '../basics/useDeed';

/** What every reader is asked, how many read each other, when, and whether the writer reads who said what. */
export function PeerRuleForm({ assignmentId, rule }: Pick<PeerGroupsShown, 'assignmentId' | 'rule'>) {
  const t = useTranslations('peer.rule');
  const id = useId();
  const { act, busy, problem, field } = useDeed();
  const [typed, setTyped] = useState({
    size: rule?.size ?? (3 as const),
    named: rule?.named ?? true,
    at: rule?.at ?? '',
    questions: Array.from({ length: MOST_QUESTIONS }, (_, at) =>
      rule ? (rule.questions[at] ?? '') : t(`first.${String(at) as '0' | '1' | '2'}`),
    ),
  });
  const change = (part: Partial<typeof typed>) => setTyped({ ...typed, ...part });
  return (
    <form
      className="grid gap-3"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void act(keepPeerRule, { assignmentId, ...typed, at: typed.at || null });
      }}
    >
      <h2 className="section-head">{t('heading')}</h2>
      {typed.questions.map((question, at) => (
        <Field
          key={at}
          label={t('question', { at: at + 1 })}
          maxLength={LONGEST_QUESTION}
          value={question}
          problem={at === 0 && field === 'questions' ? problem : ''}
          onText={(text) =>
            change({ questions: typed.questions.map((one, index) => (index === at ? text : one)) })
          }
        />
      ))}
      <fieldset className="flex flex-wrap gap-x-6 gap-y-2">
        <legend className="mb-1 font-semibold">{t('size')}</legend>
        {([2, 3] as const).map((size) => (
          <label key={size} className="flex items-center gap-2">
            <input
              type="radio"
              name={`${id}-size`}
              checked={typed.size === size}
              onChange={() => change({ size })}
            />
            {t('sizes', { size })}
          </label>
        ))}
      </fieldset>
      <label className="flex items-start gap-2">
        <input
          type="checkbox"
          className="mt-1"
          checked={typed.named}
          onChange={({ target }) => change({ named: target.checked })}
        />
        <span>
          {t('named')}
          <span className="block text-[14px] text-ink-2">{t('namedMeans')}</span>
        </span>
      </label>
      <Field
        type="datetime-local"
        label={t('at')}
        hint={t('atMeans')}
        value={typed.at}
        problem={field === 'at' ? problem : ''}
        onText={(at) => change({ at })}
      />
      {problem && field !== 'at' && field !== 'questions' ? (
        <p role="alert" className="problem">
          {problem}
        </p>
      ) : null}
      <span className="flex flex-wrap gap-3">
        <button className="btn go" disabled={busy}>
          {t(rule ? 'keep' : 'want')}
        </button>
        {rule ? (
          <button
            type="button"
            className="btn"
            disabled={busy}
            onClick={() => void act(dropPeerRule, { assignmentId })}
          >
            {t('drop')}
          </button>
        ) : null}
      </span>
    </form>
  );
}
