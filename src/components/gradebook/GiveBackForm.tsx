'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { BookShown, ColumnShown } from '../../contract/gradebook/bookShown';
import { giveBackColumn } from '../../contract/gradebook/giveBackColumn';
import { call } from '../basics/call';
import { Field } from '../basics/Field';
import { useAsking } from '../basics/useAsking';

interface GiveBackFormProps {
  readonly book: BookShown;
  readonly column: ColumnShown;
  readonly onDone: () => void;
}

/** Gives back what a teacher typed into an own column, with the reason where another figure was given back before. */
export function GiveBackForm({ book, column, onDone }: GiveBackFormProps) {
  const t = useTranslations('gradebook.column');
  const router = useRouter();
  const { busy, problem, wait } = useAsking();
  const [reason, setReason] = useState('');
  const [otherwise, setOtherwise] = useState(0);
  const at = book.columns.findIndex(({ id }) => id === column.id);
  const standing = book.students.map(({ id, cells }) => ({ personId: id, cell: cells[at] }));
  const toGive = standing.filter(({ cell }) => cell?.figure !== undefined && cell.figure !== cell.back);
  const changed = toGive.some(({ cell }) => cell?.back !== undefined);
  return (
    <form
      className="grid gap-3"
      onSubmit={async (event) => {
        event.preventDefault();
        const figures = toGive.map(({ personId, cell }) => ({ personId, figure: cell!.figure! }));
        const asked = { classId: book.classId, columnId: column.id, figures, reason };
        const outcome = await wait(call(giveBackColumn, asked));
        if (!outcome.ok) return;
        router.refresh();
        setOtherwise(outcome.value.otherwise);
        if (outcome.value.otherwise === 0) onDone();
      }}
    >
      {changed ? (
        <Field
          label={t('givingReason')}
          value={reason}
          onText={setReason}
          required
          maxLength={300}
          autoFocus
        />
      ) : null}
      <p role="alert" className="problem">
        {otherwise > 0 ? t('otherwise', { count: otherwise }) : problem}
      </p>
      <button className="btn go" disabled={busy || toGive.length === 0} autoFocus={!changed}>
        {t('giveBack', { count: toGive.length })}
      </button>
      <button type="button" className="btn" onClick={onDone}>
        {t('leave')}
      </button>
    </form>
  );
}
