'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import Link from 'next/link';
import { useState } from 'react';
import { importPeople } from '../../contract/people/importPeople';
import { previewImport } from '../../contract/people/previewImport';
import type { RosterSource } from '../../core/roster/rosterSource';
import type { Choices } from '../../contract/people/importPlan';
import { useAddresses } from '../desk/useAddresses';
import { call, callWithProgress } from '../basics/call';
import { useFocusOnStep } from '../basics/useFocusOnStep';
import { useAsking } from '../basics/useAsking';
import { ImportPreview } from './ImportPreview';
import { PasteNames } from './PasteNames';
import type { ImportPlan } from './importProps';

const NO_CHOICES: Choices = { same: [], another: [] };

/** More people for the class: a list or a file, looked through row by row before anybody is made. */
export function AddPeople({ classId }: { readonly classId: string }) {
  const t = useTranslations('roster.add');
  const addresses = useAddresses();
  const router = useRouter();
  const [text, setText] = useState('');
  const [source, setSource] = useState<RosterSource | null>(null);
  const [plan, setPlan] = useState<ImportPlan | null>(null);
  const [choices, setChoices] = useState(NO_CHOICES);
  const { problem, say, wait } = useAsking();
  const [done, setDone] = useState<{
    readonly made: readonly string[];
    readonly joined: readonly string[];
    readonly asked: readonly string[];
    /** Who was left out, by name. */
    readonly left: readonly string[];
  } | null>(null);
  const [progress, setProgress] = useState<{ readonly done: number; readonly of: number } | null>(null);

  const preview = async (from: RosterSource, answers: Choices) => {
    setDone(null);
    const outcome = await wait(call(previewImport, { classId, source: from, ...answers }));
    if (!outcome.ok) return;
    setSource(from);
    setChoices(answers);
    setPlan(outcome.value);
  };
  const make = async () => {
    if (!source) return;
    setProgress({ done: 0, of: 0 });
    const outcome = await wait(
      callWithProgress(importPeople, { classId, source, ...choices }, (count, of) =>
        setProgress({ done: count, of }),
      ),
    );
    setProgress(null);
    if (!outcome.ok) return;
    // Lines that were refused stay, to be mended; what a file's rows were left out is named.
    const left = plan?.rows.filter((row) => row.outcome === 'refused' || row.outcome === 'choice') ?? [];
    setDone({ ...outcome.value, left: left.map((row) => row.name || String(row.row)) });
    setText(source.kind === 'lines' ? left.map((row) => row.name).join('\n') : '');
    setPlan(null);
    setChoices(NO_CHOICES);
    router.refresh();
  };

  const step = useFocusOnStep<HTMLDivElement>(plan ? 'preview' : done ? 'done' : 'paste');
  if (plan)
    return (
      <div ref={step}>
        <ImportPreview
          plan={plan}
          progress={progress}
          problem={problem}
          isFile={source?.kind !== 'lines'}
          order={source?.kind === 'lines' ? (source.order ?? null) : undefined}
          onOrder={(order) => source?.kind === 'lines' && void preview({ ...source, order }, NO_CHOICES)}
          onChoose={(row, same) =>
            source &&
            void preview(source, {
              same: [...choices.same.filter((one) => one !== row), ...(same ? [row] : [])],
              another: [...choices.another.filter((one) => one !== row), ...(same ? [] : [row])],
            })
          }
          onMake={() => void make()}
          onBack={() => (setPlan(null), say(''))}
        />
      </div>
    );
  return (
    <div ref={step}>
      {done ? (
        <p className="mb-5 border-l-4 border-porch bg-porch-tint p-4" role="status">
          {t('done', {
            made: done.made.length,
            joined: done.joined.length,
            asked: done.asked.length,
          })}{' '}
          {done.left.length > 0 ? (
            <span className="block">
              {t('left', { count: done.left.length, names: done.left.slice(0, 40).join(', ') })}
            </span>
          ) : null}
          {done.made.length > 0 && done.made.length <= 200 ? (
            <Link className="act" href={`${addresses.cards}?for=new`}>
              {t('theirCards')}
            </Link>
          ) : null}
        </p>
      ) : null}
      <PasteNames
        text={text}
        problem={problem}
        onText={setText}
        onProblem={say}
        onSource={(from) => void preview(from, NO_CHOICES)}
      />
    </div>
  );
}
