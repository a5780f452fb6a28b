import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import { useMadeWords } from '../basics/useMadeWords';

export interface LogProps {
  readonly classId: string;
  readonly lines: readonly {
    readonly id: string;
    readonly when: string;
    readonly who: string | null;
    /** Whether they run the install and do not belong to the class. */
    readonly administrator: boolean;
    /** Whose matter it is, where that is somebody else. */
    readonly whom: string | null;
    readonly before: string | null;
    readonly after: string | null;
    readonly useCase: string;
    readonly about: string | null;
  }[];
  /** Everybody who is or was in the class, and whom the log is looked through for. */
  readonly people: readonly { readonly personId: string; readonly name: string }[];
  readonly person: string | null;
  /** The moment before which more can be listed. */
  readonly earlier: string | null;
}

/** What was done in the class and by whom. It never holds any of the words that were written. */
export function Log({ classId, lines, people, person, earlier }: LogProps) {
  const t = useMadeWords('log');
  return (
    <main className="page" id="main">
      <h1 className="says">{t('heading')}</h1>
      <p className="under">{t('under')}</p>
      {/* A form of its own: it is asked for by an address, which can be kept and sent. */}
      <form className="mt-4 flex flex-wrap items-center gap-3" action={addressesOf(classId).log}>
        <label className="flex items-center gap-2">
          {t('about')}
          <select className="field !w-auto" name="person" defaultValue={person ?? ''}>
            <option value="">{t('everybody')}</option>
            {people.map((one) => (
              <option key={one.personId} value={one.personId}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
        <button className="btn">{t('look')}</button>
      </form>
      <ul className="rows mt-6">
        {lines.map((line) => (
          <li key={line.id} className="sm:grid-cols-[260px_200px_1fr]">
            <span className="calm">{line.when}</span>
            <b dir="auto">
              {line.administrator
                ? t('administrator', { name: line.who ?? '' })
                : (line.who ?? t('somebody'))}
            </b>
            <span>
              {t.has(`deeds.${line.useCase}`)
                ? t.rich(`deeds.${line.useCase}`, {
                    about: line.about ?? '…',
                    i: (chunks) => <i className="font-read">{chunks}</i>,
                  })
                : t('deed')}
              {line.whom ? (
                <span className="calm" dir="auto">
                  {' '}
                  · {line.whom}
                </span>
              ) : null}
              <Became {...line} />
            </span>
          </li>
        ))}
      </ul>
      {lines.length === 0 ? <p className="under mt-6">{t('nothing')}</p> : null}
      {earlier ? (
        <Link
          className="btn mt-6"
          href={`${addressesOf(classId).log}?before=${encodeURIComponent(earlier)}${person ? `&person=${person}` : ''}`}
        >
          {t('earlier')}
        </Link>
      ) : null}
    </main>
  );
}

/** What it was and what it became, where that is an audience, a part in the class or a figure. */
function Became({ before, after }: LogProps['lines'][number]) {
  const t = useMadeWords('log');
  const say = (value: string | null) => {
    if (value === null) return null;
    if (t.has(`values.${value}`)) return t(`values.${value}`);
    return /^[0-9.]+(, [0-9.]+)*$/.test(value) ? value : null;
  };
  const [was, is] = [say(before), say(after)];
  if (is === null) return null;
  return <span className="calm block">{was === null ? t('to', { is }) : t('fromTo', { was, is })}</span>;
}
