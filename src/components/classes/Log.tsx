import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import { useMadeWords } from '../basics/useMadeWords';

export interface LogProps {
  readonly classId: string;
  readonly lines: readonly {
    readonly id: string;
    readonly when: string;
    readonly who: string | null;
    readonly useCase: string;
    readonly about: string | null;
  }[];
  /** The moment before which more can be listed. */
  readonly earlier: string | null;
}

/** What was done in the class and by whom. It never holds any of the words that were written. */
export function Log({ classId, lines, earlier }: LogProps) {
  const t = useMadeWords('log');
  return (
    <main className="page" id="main">
      <h1 className="says">{t('heading')}</h1>
      <p className="under">{t('under')}</p>
      <ul className="rows mt-6">
        {lines.map((line) => (
          <li key={line.id} className="sm:grid-cols-[260px_200px_1fr]">
            <span className="calm">{line.when}</span>
            <b>{line.who ?? t('somebody')}</b>
            <span>
              {t.has(`deeds.${line.useCase}`)
                ? t.rich(`deeds.${line.useCase}`, {
                    about: line.about ?? '…',
                    i: (chunks) => <i className="font-read">{chunks}</i>,
                  })
                : t('deed')}
            </span>
          </li>
        ))}
      </ul>
      {lines.length === 0 ? <p className="under mt-6">{t('nothing')}</p> : null}
      {earlier ? (
        <Link className="btn mt-6" href={`${addressesOf(classId).log}?before=${encodeURIComponent(earlier)}`}>
          {t('earlier')}
        </Link>
      ) : null}
    </main>
  );
}
