'use client';

import { useFormatter, useTranslations } from 'next-intl';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { addressesOf, reviewAddress } from '../../contract/addresses';
import { excuseStudents } from '../../contract/assignments/excuseStudents';
import { readFigure, type FigureUnfolded } from '../../contract/gradebook/readFigure';
import { call, type Sent } from '../basics/call';
import { useDeed } from '../basics/useDeed';
import { GradeLines } from '../feedback/GradeLines';
import { useRequirementName } from '../railing/RequirementLine';
import type { CellAt } from './cells';

interface FigurePanelProps extends CellAt {
  readonly classId: string;
  /** What stands there after what was typed. */
  readonly figure: number | null;
  readonly onChange: () => void;
  readonly onColumn: (columnId: string) => void;
}

/** So long a cell is looked at before its lines are fetched: whoever goes past it with the keys asks for nothing. */
const PAUSE = 180;

/** A cell, unfolded into the lines that make its figure. */
export function FigurePanel({
  classId,
  student,
  column,
  cell,
  figure,
  onChange,
  onColumn,
}: FigurePanelProps) {
  const t = useTranslations('gradebook.panel');
  const states = useTranslations('gradebook.cell');
  const format = useFormatter();
  const { act, busy, problem } = useDeed();
  const { postId } = cell;
  const unfolded = useUnfolded(column.kind === 'post' && cell.state !== 'reading' ? postId : undefined);
  const score = student.categories.find(({ counted, dropped }) =>
    [...counted, ...dropped].includes(column.id),
  );
  return (
    <>
      <h2 dir="auto">{student.name}</h2>
      <p className="calm">
        <button type="button" className="act" dir="auto" onClick={() => onColumn(column.id)}>
          {column.title}
        </button>{' '}
        {column.due}
      </p>
      {figure === null ? (
        <p className="book-state">{states(`said.${cell.state}`)}</p>
      ) : (
        <p className="book-figure">
          {format.number(figure)} <small>{t('of', { possible: column.possible })}</small>
        </p>
      )}
      {cell.soFar && figure !== null ? <p className="so-far">{t('soFar')}</p> : null}
      {unfolded ? <Lines {...unfolded} /> : null}
      {cell.typed ? <p className="calm">{t('typed', cell.typed)}</p> : null}
      {figure !== null && column.possible > 0 ? (
        <p className="calm mt-2">
          {t(score?.dropped.includes(column.id) ? 'dropped' : 'percent', {
            percent: format.number((figure / column.possible) * 100, { maximumFractionDigits: 1 }),
          })}
        </p>
      ) : null}
      {figure !== null ? (
        <p className="mt-1">
          {cell.back === undefined
            ? t('notBack', { name: student.name })
            : t(cell.back === figure ? 'back' : 'otherBack', { back: cell.back })}
        </p>
      ) : null}
      <p role="alert" className="problem">
        {problem}
      </p>
      <div className="book-acts">
        {postId ? (
          <Link className="btn go" href={reviewAddress(postId)} prefetch={false}>
            {t('open')}
          </Link>
        ) : column.kind === 'post' ? (
          <Link className="btn" href={addressesOf(classId).set(column.id)} prefetch={false}>
            {t('set')}
          </Link>
        ) : null}
        {column.kind === 'own' || (cell.handInId && cell.state !== 'reading') ? (
          <button type="button" className="btn" onClick={onChange}>
            {t(figure === null ? 'type' : 'change')}
          </button>
        ) : null}
        {column.kind === 'post' && ['missing', 'ahead', 'excused'].includes(cell.state) ? (
          <button
            type="button"
            className="btn"
            disabled={busy}
            onClick={() =>
              void act(excuseStudents, {
                ...{ assignmentId: column.id, personIds: [student.id] },
                excused: cell.state !== 'excused',
              })
            }
          >
            {t(cell.state === 'excused' ? 'askAgain' : 'excuse')}
          </button>
        ) : null}
      </div>
    </>
  );
}

function useUnfolded(postId: string | undefined): Sent<FigureUnfolded> | null {
  const [known, setKnown] = useState<{ readonly of: string; readonly lines: Sent<FigureUnfolded> } | null>(
    null,
  );
  useEffect(() => {
    if (!postId) return undefined;
    let wanted = true;
    const fetch = async () => {
      const outcome = await call(readFigure, { postId });
      if (wanted && outcome.ok) setKnown({ of: postId, lines: outcome.value });
    };
    const timer = setTimeout(() => void fetch(), PAUSE);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [postId]);
  return known && known.of === postId ? known.lines : null;
}

function Lines({ grade, rubric, requirements }: Sent<FigureUnfolded>) {
  const t = useTranslations('gradebook.panel');
  const nameOf = useRequirementName();
  return (
    <>
      <table className="sum">
        <caption>{t('needed')}</caption>
        <tbody>
          {requirements
            .filter(({ weight }) => weight !== 'advice')
            .map(({ id, kind, text, earned, possible, weight }) => (
              <tr key={id}>
                <td dir="auto">{nameOf({ kind, text })}</td>
                <td>{weight === 'bonus' ? t('bonus', { earned }) : t('earned', { earned, possible })}</td>
              </tr>
            ))}
        </tbody>
      </table>
      <GradeLines grade={grade} rubric={rubric} />
    </>
  );
}
