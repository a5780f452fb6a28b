import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { addressesOf } from '../../contract/addresses';
import type { SheetShown, ToldTerm } from '../../contract/gradebook/sheetShown';
import { useNumberInWords } from '../basics/useNumberInWords';
import { usePercent } from '../gradebook/usePercent';

/** What a student was told, by terms and categories, with the totals of that alone. */
export function OwnSheet({ classId, classTitle, rounding, terms }: SheetShown) {
  const t = useTranslations('sheet');
  const inWords = useNumberInWords();
  const count = terms
    .flatMap(({ categories }) => categories)
    .reduce((sum, { figures }) => sum + figures.length, 0);
  return (
    <main className="page" id="main">
      <h1 className="says">{t('title', { count, number: inWords(count) })}</h1>
      <p className="under" dir="auto">
        {count > 0 ? t('under') : t('empty')}
      </p>
      {terms.map((term) => (
        <TermOfSheet
          key={term.term ?? ''}
          term={term}
          classId={classId}
          rounding={rounding}
          name={term.name ?? (terms.length > 1 ? t('noTerm') : classTitle)}
        />
      ))}
    </main>
  );
}

interface TermOfSheetProps {
  readonly term: ToldTerm;
  readonly name: string;
  readonly classId: string;
  readonly rounding: number;
}

function TermOfSheet({ term, name, classId, rounding }: TermOfSheetProps) {
  const t = useTranslations('sheet');
  const percent = usePercent(rounding);
  return (
    <section className="told-term">
      <h2 className="section-head" dir="auto">
        {name}
      </h2>
      {term.categories
        .filter(({ figures }) => figures.length > 0)
        .map(({ title, share, score, figures }) => (
          <table key={title ?? ''} className="told">
            <thead>
              <tr>
                <th scope="col" dir="auto">
                  {title ?? (term.categories.length > 1 ? t('noCategory') : t('noTitle'))}{' '}
                  {share === null ? null : <small>{t('share', { share })}</small>}
                </th>
                <td className="r">{score === null ? '' : t('percent', { percent: percent(score) })}</td>
              </tr>
            </thead>
            <tbody>
              {figures.map((one) => (
                <tr key={one.id}>
                  <th scope="row" dir="auto">
                    {one.postId ? (
                      <Link href={addressesOf(classId).receipt(one.postId)} prefetch={false}>
                        {one.title}
                      </Link>
                    ) : (
                      one.title
                    )}{' '}
                    <small>{one.day}</small>
                    {one.changed ? <small className="block">{t('changed', one.changed)}</small> : null}
                    {one.dropped ? <small className="block">{t('dropped')}</small> : null}
                  </th>
                  <td className="r">
                    <b>{t('figure', { figure: one.figure, possible: one.possible })}</b>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        ))}
      <p className="told-total" dir="auto">
        {t('soFar')} <b>{term.overall === null ? '–' : t('percent', { percent: percent(term.overall) })}</b>{' '}
        {term.letter}
      </p>
    </section>
  );
}
