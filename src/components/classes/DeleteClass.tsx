'use client';

import { archiveAddress } from '../../contract/addresses';
import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { deleteClass } from '../../contract/classes/deleteClass';
import { previewClassDeletion, type ClassHoldings } from '../../contract/classes/previewClassDeletion';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';

interface DeleteClassProps {
  readonly classId: string;
  readonly title: string;
  readonly resting: boolean;
  /** Whether an archive was taken since the class is at rest. */
  readonly archived: boolean;
}

/** The end of a class: rest, an archive, what would go, each of it unlatched; and then a month to change one's mind. */
export function DeleteClass({ classId, title, resting, archived }: DeleteClassProps) {
  const t = useTranslations('classSettings.deleting');
  const [holdings, setHoldings] = useState<ClassHoldings | null>(null);
  const [taken, setTaken] = useState(archived);
  const { busy, problem, wait } = useAsking();
  const ask = async () => {
    const outcome = await wait(call(previewClassDeletion, { classId }));
    setHoldings(outcome.ok ? outcome.value : null);
  };
  const doIt = async ({ students, posts, pictures }: ClassHoldings) => {
    const outcome = await wait(call(deleteClass, { classId, students, posts, pictures }), { leaves: true });
    if (outcome.ok) window.location.assign('/classes');
    // Something came or went meanwhile: it is counted again, and looked at again.
    else if (outcome.code === 'class.holdsOthers') {
      const again = await call(previewClassDeletion, { classId });
      setHoldings(again.ok ? again.value : null);
    }
  };
  return (
    <section className="grid gap-3">
      <h2 className="section-head">{t('heading')}</h2>
      <p className="under">{t(resting ? 'under' : 'restFirst')}</p>
      <a
        className="btn justify-self-start"
        href={archiveAddress.ofClass(classId)}
        download
        onClick={() => setTaken(resting)}
      >
        {t('archive')}
      </a>
      {resting && taken && !holdings ? (
        <button type="button" className="act justify-self-start" disabled={busy} onClick={() => void ask()}>
          {t('begin')}
        </button>
      ) : null}
      {holdings ? (
        <Latches
          key={JSON.stringify(holdings)}
          title={title}
          holdings={holdings}
          busy={busy}
          onDelete={() => void doIt(holdings)}
          onLeave={() => setHoldings(null)}
        />
      ) : null}
      <p role="alert" className="problem">
        {problem}
      </p>
    </section>
  );
}

interface LatchesProps {
  readonly title: string;
  readonly holdings: ClassHoldings;
  readonly busy: boolean;
  readonly onDelete: () => void;
  readonly onLeave: () => void;
}

const LATCHES = ['students', 'posts', 'pictures'] as const;

/** What goes with a class, a latch for each: the gate opens once all of them are lifted. */
function Latches({ title, holdings, busy, onDelete, onLeave }: LatchesProps) {
  const t = useTranslations('classSettings.deleting');
  const [lifted, setLifted] = useState<ReadonlySet<string>>(new Set());
  const lift = (latch: string) => {
    const next = new Set(lifted);
    if (!next.delete(latch)) next.add(latch);
    setLifted(next);
  };
  return (
    <div className="latches">
      <p>{t('lift')}</p>
      {LATCHES.map((latch) => (
        <button
          key={latch}
          type="button"
          className="latch"
          aria-pressed={lifted.has(latch)}
          onClick={() => lift(latch)}
        >
          <i aria-hidden="true" />
          {t(`latch.${latch}`, { ...holdings })}
        </button>
      ))}
      <p className="text-ink-2">{t('month')}</p>
      <span className="flex flex-wrap gap-3">
        <button
          type="button"
          className="btn"
          disabled={busy || lifted.size < LATCHES.length}
          onClick={onDelete}
        >
          {t('do', { title })}
        </button>
        <button type="button" className="btn" data-leave="" onClick={onLeave}>
          {t('leave')}
        </button>
      </span>
    </div>
  );
}
