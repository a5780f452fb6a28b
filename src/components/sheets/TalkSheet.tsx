'use client';

import { useFormatter, useTranslations } from 'next-intl';
import type { TalkShown, TalkSheet as Sheet } from '../../contract/gradebook/sheetShown';
import type { Appointment } from '../../core/gradebook/appointments';
import { useNumberAmidWords, useNumberInWords } from '../basics/useNumberInWords';
import { SmallRailing } from '../railing/SmallRailing';
import { Growth } from './Growth';
import { TalkGrades } from './TalkGrades';

interface TalkSheetProps extends Pick<TalkShown, 'inClass' | 'teacher' | 'rounding'> {
  readonly sheet: Sheet;
  readonly appointment: Appointment | null;
  readonly choosing: boolean;
  /** The posts and notes that are not on the sheet, by id. */
  readonly left: ReadonlySet<string>;
  readonly onChoose: (id: string, on: boolean) => void;
}

/** The sheet of one student, as it is printed; while it is chosen, with all that could stand on it. */
export function TalkSheet({
  sheet,
  inClass,
  teacher,
  rounding,
  appointment,
  choosing,
  left,
  onChoose,
}: TalkSheetProps) {
  const t = useTranslations('talk');
  const format = useFormatter();
  const inWords = useNumberInWords();
  const amidWords = useNumberAmidWords();
  const { name, posts, underWay, notes } = sheet;
  const on = (id: string) => !left.has(id);
  const handedIn = posts.filter(({ day }) => day !== null);
  const given = notes.filter(({ id, postId }) => on(id) && on(postId));
  const day = appointment?.day
    ? format.dateTime(new Date(`${appointment.day}T12:00:00Z`), {
        ...{ weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' },
      })
    : null;
  const when = [day, appointment?.time].filter(Boolean).join(', ');
  const choice = (id: string, label: string) =>
    choosing ? (
      <input
        type="checkbox"
        className="talk-choice"
        aria-label={label}
        checked={on(id)}
        onChange={({ target }) => onChoose(id, target.checked)}
      />
    ) : null;
  return (
    <article className="talk-sheet" aria-label={name}>
      <section>
        <h1 dir="auto">
          {t('title', {
            ...{ name, count: handedIn.length, number: amidWords(handedIn.length), under: underWay },
          })}
        </h1>
        <p className="talk-by" dir="auto">
          {t('by', { name, inClass })}
          {when ? ` · ${when}` : ''}
        </p>
        <ol className="talk-posts">
          {posts
            .filter(({ id }) => choosing || on(id))
            .map(({ id, title, day: handed, slats, readers }) => (
              <li key={id} className={on(id) ? '' : 'left-out'}>
                <span dir="auto">
                  {choice(id, t('showPost', { title }))}
                  <b>{title}</b>
                  <small>{handed ?? t('notHandedIn')}</small>
                </span>
                <span>{slats ? <SmallRailing slats={slats} /> : null}</span>
                <span className="calm" dir="auto">
                  {readers && readers !== 'writerAndTeachers'
                    ? t('readers', { audience: readers })
                    : t('only', { name })}
                </span>
              </li>
            ))}
        </ol>
        <Growth posts={handedIn.filter(({ id }) => on(id))} />
      </section>
      <section>
        <TalkGrades sheet={sheet} rounding={rounding} />
        <h2>{t('notes', { count: given.length, number: inWords(given.length) })}</h2>
        {notes
          .filter(({ id, postId }) => choosing || (on(id) && on(postId)))
          .map(({ id, quote, text, by, when: at, answer }) => (
            <div key={id} className={on(id) ? 'talk-note' : 'talk-note left-out'} dir="auto">
              {choice(id, t('showNote', { note: text.slice(0, 60) }))}
              {quote ? <q>{quote}</q> : null}
              <p>{text}</p>
              <small>
                {t('signed', { by, when: at })}
                {answer ? `. ${t('answered', { name, answer })}` : ''}
              </small>
            </div>
          ))}
        <div className="talk-agree">
          <h2>{t('agree')}</h2>
          <i />
          <i />
          <p>
            <span dir="auto">{teacher}</span>
            <span dir="auto">{name}</span>
            <span>{t('family')}</span>
          </p>
        </div>
      </section>
    </article>
  );
}
