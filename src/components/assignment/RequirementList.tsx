'use client';

import { useTranslations } from 'next-intl';
import type { Requirement } from '../../core/requirements/requirement';
import type { AssignmentDraft } from '../../core/assignments/assignmentSettings';
import { FORMS, GROUPS } from './forms/forms';
import { RequirementSentence } from './RequirementSentence';
import { useNumberInWords } from '../basics/useNumberInWords';

interface RequirementListProps {
  readonly draft: AssignmentDraft;
  readonly classLabels: readonly string[];
  readonly change: (part: Partial<AssignmentDraft>) => void;
  readonly problemAt: (field: string) => string;
}

/** The requirements, each a sentence, and the kinds that can be added. */
export function RequirementList({ draft, classLabels, change, problemAt }: RequirementListProps) {
  const t = useTranslations('builder');
  const inWords = useNumberInWords();
  const names = useTranslations('requirements');
  const { requirements } = draft;
  const set = (changed: readonly Requirement[]) => change({ requirements: changed });
  const bonus = requirements.filter((requirement) => requirement.weight === 'bonus').length;
  const add = (kind: string) => {
    const fresh = FORMS[kind]?.fresh ?? {};
    set([...requirements, { id: crypto.randomUUID().slice(0, 8), kind, weight: 'required', ...fresh }]);
  };
  const move = (index: number, by: -1 | 1) => {
    const moved = [...requirements];
    const [one] = moved.splice(index, 1);
    if (one) set(moved.toSpliced(index + by, 0, one));
  };
  return (
    <>
      <h1 className="font-read text-[24px] font-semibold">
        {t('things', {
          count: requirements.length - bonus,
          number: inWords(requirements.length - bonus),
          bonus,
        })}
      </h1>
      <ul className="mt-2">
        {requirements.map((requirement, index) => (
          <RequirementSentence
            key={requirement.id}
            requirement={requirement}
            classLabels={classLabels}
            number={draft.number}
            problem={problemAt(`requirements.${index}`)}
            isFirst={index === 0}
            isLast={index === requirements.length - 1}
            onChange={(changed) => set(requirements.with(index, changed))}
            onMove={(by) => move(index, by)}
            onRemove={() => set(requirements.toSpliced(index, 1))}
          />
        ))}
      </ul>
      <section className="mt-5 grid gap-2" aria-label={t('addBay')}>
        <h2 className="font-bold">{t('addBay')}</h2>
        {GROUPS.map((group) => (
          <div key={group} className="grid items-baseline gap-x-4 sm:grid-cols-[130px_1fr]">
            <span className="text-ink-2">{t(`groups.${group}`)}</span>
            <span className="flex flex-wrap gap-x-5 gap-y-2">
              {Object.entries(FORMS)
                .filter(([, one]) => one.group === group)
                .map(([kind, { Icon }]) => (
                  <button key={kind} type="button" className="act" onClick={() => add(kind)}>
                    <Icon aria-hidden="true" size={15} /> {names(`${kind}.name`)}
                  </button>
                ))}
            </span>
          </div>
        ))}
      </section>
    </>
  );
}
