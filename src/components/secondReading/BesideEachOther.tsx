'use client';

import { useFormatter, useTranslations } from 'next-intl';
import Link from 'next/link';
import { reviewAddress } from '../../contract/addresses';
import type { Criterion } from '../../core/assignments/rubric';
import type { Setting } from './useSetting';
import type { GivenShown, SecondRowShown } from './secondProps';

interface BesideEachOtherProps {
  readonly rubric: readonly Criterion[];
  readonly row: SecondRowShown;
  /** Null for who does not set the figure. */
  readonly setting: Setting | null;
}

/** A post with what both readers gave, criterion by criterion, and beside it what is to be set. */
export function BesideEachOther({ rubric, row, setting }: BesideEachOtherProps) {
  const t = useTranslations('second');
  const format = useFormatter();
  const { first, second, writer } = row;
  if (!first || !second) return null;
  const wide = setting ? 'beside-each-other with-set' : 'beside-each-other';
  return (
    <>
      <header>
        <span className="mono" aria-hidden="true">
          {writer.monogram}
        </span>
        <h2 dir="auto">{row.title || writer.name}</h2>
        <p dir="auto">{t('about', { name: writer.name, words: row.words, when: row.handedIn })}</p>
        <Link className="act plum" href={reviewAddress(row.postId)} prefetch={false}>
          {t('readIt', { count: first.notes + second.notes })}
        </Link>
      </header>
      <table className={wide}>
        <thead>
          <tr>
            <td />
            <th scope="col">{t(row.isReader ? 'firstReader' : 'you')}</th>
            <th scope="col">{row.isReader ? t('you') : row.by}</th>
            {setting ? (
              <th scope="col" className="set">
                {t('toBeSet')}
              </th>
            ) : null}
          </tr>
        </thead>
        <tbody>
          {rubric.map((criterion) => (
            <tr key={criterion.id}>
              <th scope="row" dir="auto">
                {criterion.name}
              </th>
              <Levels criterion={criterion} given={first} />
              <Levels criterion={criterion} given={second} />
              {setting ? <ToSet criterion={criterion} row={row} setting={setting} /> : null}
            </tr>
          ))}
          <tr>
            <th scope="row">{t('needed')}</th>
            {[first, second, ...(setting ? [first] : [])].map((given, index) => (
              <td key={index} className={index === 2 ? 'set' : ''}>
                {t('earned', { earned: given.earned, of: given.of })}
              </td>
            ))}
          </tr>
          <tr className="total">
            <th scope="row">{t('gradeOf', { possible: first.possible })}</th>
            <td>{first.figure === null ? '–' : format.number(first.figure)}</td>
            <td>{second.figure === null ? '–' : format.number(second.figure)}</td>
            {setting ? <td className="set">{format.number(setting.figure)}</td> : null}
          </tr>
        </tbody>
      </table>
      {setting ? (
        <label className="grid gap-1" htmlFor="second-why">
          <b>{t('why', { figure: setting.figure })}</b>
          <textarea
            id="second-why"
            dir="auto"
            rows={3}
            className="field"
            maxLength={1000}
            aria-invalid={setting.problem !== ''}
            value={setting.reason}
            onChange={({ target }) => setting.say(target.value)}
          />
          <span role="alert" className="problem">
            {setting.problem}
          </span>
        </label>
      ) : row.settled ? (
        <p className="mt-4">
          <b>{t('setTo', { figure: row.settled.figure })}</b>
          <q className="block" dir="auto">
            {row.settled.reason}
          </q>
        </p>
      ) : null}
    </>
  );
}

function Levels({ criterion, given }: { readonly criterion: Criterion; readonly given: GivenShown }) {
  const t = useTranslations('second');
  const level = given.levels[criterion.id];
  return (
    <td>
      <span className="levels" aria-hidden="true">
        {criterion.levels.map((_, index) => (
          <span key={index} className={level !== undefined && index <= level ? 'lv in' : 'lv'}>
            <span>{index + 1}</span>
          </span>
        ))}
      </span>
      <small dir="auto">
        {level === undefined
          ? t('none')
          : t('isLevel', { level: level + 1, description: criterion.levels[level]?.description ?? '' })}
      </small>
    </td>
  );
}

interface ToSetProps {
  readonly criterion: Criterion;
  readonly row: SecondRowShown;
  readonly setting: Setting;
}

/** The level to be set: pressed, or chosen by a digit while the row has the focus. */
function ToSet({ criterion, row, setting }: ToSetProps) {
  const t = useTranslations('second');
  const level = setting.levels[criterion.id];
  const [first, second] = [row.first?.levels[criterion.id], row.second?.levels[criterion.id]];
  const as =
    level === first && level === second
      ? 'both'
      : level === first
        ? 'first'
        : level === second
          ? 'second'
          : 'neither';
  return (
    <td className="set">
      <span
        className="levels"
        role="group"
        aria-label={t('choose', { name: criterion.name })}
        onKeyDown={({ key }) => {
          const digit = Number(key);
          if (digit >= 1 && digit <= criterion.levels.length) setting.choose(criterion.id, digit - 1);
        }}
      >
        {criterion.levels.map((one, index) => (
          <button
            key={index}
            type="button"
            className={level !== undefined && index <= level ? 'lv in' : 'lv'}
            aria-pressed={level === index}
            title={one.description}
            onClick={() => setting.choose(criterion.id, index)}
          >
            <span>
              {index + 1}
              <span className="sr-only"> {one.description}</span>
            </span>
          </button>
        ))}
      </span>
      <small dir="auto">{t(`as.${as}`, { level: (level ?? 0) + 1, by: row.by })}</small>
    </td>
  );
}
