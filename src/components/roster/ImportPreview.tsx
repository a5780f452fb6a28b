'use client';

import { Equal, Plus } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { NAME_ORDERS, type NameOrder } from '../../core/roster/rosterSource';
import { Mark } from '../basics/Mark';
import { useNumberInWords } from '../basics/useNumberInWords';
import { countOutcomes, wantsAnEye, type ImportPlan, type PlannedRow } from './importProps';

interface ImportPreviewProps {
  readonly plan: ImportPlan;
  readonly progress: { readonly done: number; readonly of: number } | null;
  readonly problem: string;
  readonly isFile: boolean;
  /** Which part of a name stands first, as it was said; null where nobody has, undefined where nothing is to be said. */
  readonly order: NameOrder | null | undefined;
  readonly onOrder: (order: NameOrder) => void;
  readonly onChoose: (row: number, same: boolean) => void;
  readonly onMake: () => void;
  readonly onBack: () => void;
}

/** Rows that are shown before the rest is asked for; those that want an eye come first in a long list. */
const SHOWN = 100;

/** What would become of each row. Nothing is made before the button at its foot is pressed. */
export function ImportPreview({
  plan,
  progress,
  problem,
  isFile,
  order,
  onOrder,
  onChoose,
  onMake,
  onBack,
}: ImportPreviewProps) {
  const t = useTranslations('roster.preview');
  const reasons = useTranslations('roster.reasons');
  const inWords = useNumberInWords();
  const [all, setAll] = useState(false);
  const counts = countOutcomes(plan.rows);
  const coming = counts.made + counts.joins;
  const long = plan.rows.length > SHOWN && !all;
  const rows = long
    ? [...plan.rows.filter(wantsAnEye), ...plan.rows.filter((row) => !wantsAnEye(row))].slice(0, SHOWN)
    : plan.rows;
  return (
    <div className="import-preview">
      <h2 className="font-read text-[23px] font-semibold">
        {t('title', {
          rows: plan.rows.length,
          number: inWords(plan.rows.length),
          coming,
          comingNumber: inWords(coming).toLocaleLowerCase(),
        })}
      </h2>
      <p className="under">{t('nothingYet')}</p>
      {plan.remarks.map(({ field, reason }) => (
        <p key={field} className="mt-2 text-[14px] text-ink-2">
          {t('column', { field, reason: reasons(reason) })}
        </p>
      ))}
      {order === undefined ? null : (
        <fieldset className={plan.asksOrder ? 'mt-3 border-l-4 border-amber pl-3' : 'mt-3'}>
          <legend className={plan.asksOrder ? 'font-semibold' : 'text-ink-2'}>{t('order.which')}</legend>
          <span className="flex flex-wrap gap-x-5">
            {NAME_ORDERS.map((one) => (
              <label key={one}>
                <input
                  type="radio"
                  name="order"
                  checked={(order ?? (plan.asksOrder ? null : 'givenFirst')) === one}
                  onChange={() => onOrder(one)}
                />{' '}
                {t(`order.${one}`)}
              </label>
            ))}
          </span>
        </fieldset>
      )}
      <ol className="mt-4">
        {rows.map((row) => (
          <PreviewRow key={row.row} row={row} onChoose={onChoose} />
        ))}
      </ol>
      {long ? (
        <button type="button" className="act my-3" onClick={() => setAll(true)}>
          {t('showAll', { count: plan.rows.length - rows.length })}
        </button>
      ) : null}
      <div className="import-foot">
        <p>
          <b>
            {(['made', 'joins', 'asks', 'same', 'choice', 'refused'] as const)
              .filter((outcome) => counts[outcome] > 0)
              .map((outcome) => t(`counts.${outcome}`, { count: counts[outcome] }))
              .join(', ')}
          </b>
        </p>
        <p className="under">
          {counts.refused + counts.choice > 0
            ? t(isFile ? 'leftOutFile' : 'leftOut')
            : t(coming + counts.asks > 0 ? 'allGo' : 'nothingNew')}
        </p>
        {progress ? (
          <p className="mt-2" role="status">
            {progress.of > 0 ? t('making', progress) : t('beginning')}
            <progress
              className="block w-full accent-porch"
              aria-label={t('progress')}
              value={progress.done}
              max={progress.of || 1}
            />
          </p>
        ) : null}
        {problem ? (
          <p className="problem" role="alert">
            {problem}
          </p>
        ) : null}
        <span className="mt-3 flex flex-wrap gap-3">
          <button
            type="button"
            className="btn go"
            disabled={coming + counts.asks === 0 || progress !== null || plan.asksOrder}
            onClick={onMake}
          >
            {t('make', { count: coming, asks: counts.asks })}
          </button>
          <button type="button" className="btn" disabled={progress !== null} onClick={onBack}>
            {t('back')}
          </button>
        </span>
      </div>
    </div>
  );
}

interface PreviewRowProps {
  readonly row: PlannedRow;
  readonly onChoose: (row: number, same: boolean) => void;
}

/** A person more, the same person, one half certain, nobody. */
function OutcomeMark({ outcome }: Pick<PlannedRow, 'outcome'>) {
  if (outcome === 'choice' || outcome === 'asks') return <Mark id="s-h" className="s" />;
  if (outcome === 'refused') return <Mark id="s-g" className="s" />;
  const Icon = outcome === 'same' ? Equal : Plus;
  return <Icon aria-hidden="true" size={16} />;
}

function PreviewRow({ row, onChoose }: PreviewRowProps) {
  const t = useTranslations('roster.preview');
  const reasons = useTranslations('roster.reasons');
  const another = (
    <button
      type="button"
      className="act"
      aria-label={t('anotherName', { name: row.name })}
      onClick={() => onChoose(row.row, false)}
    >
      {t('another')}
    </button>
  );
  return (
    <li className={row.outcome} data-outcome={row.outcome}>
      <span className="number">{row.row}</span>
      <span className="name">
        <bdi>{row.name || t('noName')}</bdi>
      </span>
      <span className="outcome">
        <OutcomeMark outcome={row.outcome} /> {t(`outcomes.${row.outcome}`)}
      </span>
      <b className="text-right">
        <bdi>{row.outcome === 'refused' ? '' : row.shownAs}</bdi>
      </b>
      <span className="remark">
        {row.outcome === 'refused' ? reasons(row.reason) : null}
        {row.outcome === 'same' ? t('nothingChanges') : null}
        {row.outcome === 'same' && row.byName ? <> {another}</> : null}
        {row.outcome === 'joins' ? t('knownInSchool') : null}
        {row.outcome === 'asks' ? t('anotherSpeaks') : null}
        {row.outcome === 'choice' ? (
          <>
            {t(row.though ? 'isThisThough' : `isThis.${row.of}`, { name: row.shownAs })}{' '}
            <button
              type="button"
              className="act"
              aria-label={t('theSameName', { name: row.name })}
              onClick={() => onChoose(row.row, true)}
            >
              {t('theSame')}
            </button>{' '}
            {another}
          </>
        ) : null}
        {row.warnings.map((warning) => (
          <span key={warning} className="block text-amber">
            {reasons(warning)}
          </span>
        ))}
      </span>
    </li>
  );
}
