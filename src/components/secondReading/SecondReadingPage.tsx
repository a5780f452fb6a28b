'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { addressesOf } from '../../contract/addresses';
import { dropSecondReading } from '../../contract/secondReadings/dropSecondReading';
import { call } from '../basics/call';
import { useAsking } from '../basics/useAsking';
import { useNumberAmidWords, useNumberInWords } from '../basics/useNumberInWords';
import { AskForm } from './AskForm';
import { BesideEachOther } from './BesideEachOther';
import type { SecondProps, SecondRowShown } from './secondProps';
import { SecondRailing } from './SecondRailing';
import { TwiceTable } from './TwiceTable';
import { useSetting } from './useSetting';

/** The second reading of an assignment: what both readers gave beside each other, and the figure that is set of both. */
export function SecondReadingPage(props: SecondProps) {
  const { classId, assignmentId, title, rubric, rows, mayAsk, unread } = props;
  const t = useTranslations('second');
  const router = useRouter();
  const { busy, problem, wait } = useAsking();
  const [asking, setAsking] = useState(false);
  const toSet = rows.filter(({ state }) => state === 'apart');
  const [chosenId, setChosenId] = useState<string | null>(null);
  const inBoth = rows.filter(({ difference }) => difference !== null);
  const row = rows.find(({ postId }) => postId === chosenId) ?? toSet[0] ?? inBoth[0] ?? null;
  const setting = useSetting()(row);
  const others = toSet.filter(({ postId }) => postId !== row?.postId);
  const next = others[0] ? { name: others[0].writer.name, postId: others[0].postId } : null;
  const open = rows.filter(({ state, isReader }) => state === 'secondOpen' && !isReader).length;
  const toSetPage = (
    <Link className="act" href={addressesOf(classId).set(assignmentId)} prefetch={false}>
      {t('theSet')}
    </Link>
  );
  if (rows.length === 0)
    return (
      <main className="page" id="main">
        <h1 className="says">{t('nothingYet')}</h1>
        <p className="under" dir="auto">
          {t('of', { title })} {toSetPage}
        </p>
        {mayAsk ? <AskForm {...props} /> : null}
      </main>
    );
  return (
    <>
      <main className="second-page" id="main">
        <section className="second-list">
          <h1 className="says">
            <Says rows={rows} />
          </h1>
          <p className="under" dir="auto">
            {t('of', { title })} {t('blind', { by: rows[0]?.by ?? '', isReader: String(rows[0]?.isReader) })}
          </p>
          <p className="mt-1 flex flex-wrap gap-x-5">
            {toSetPage}
            {mayAsk && unread.count > 0 && !asking ? (
              <button type="button" className="act" onClick={() => setAsking(true)}>
                {t('askMore')}
              </button>
            ) : null}
            {mayAsk && open > 0 ? (
              <button
                type="button"
                className="act"
                disabled={busy}
                onClick={async () => {
                  if ((await wait(call(dropSecondReading, { assignmentId }))).ok) router.refresh();
                }}
              >
                {t('drop', { count: open })}
              </button>
            ) : null}
          </p>
          <p role="alert" className="problem">
            {problem}
          </p>
          {asking ? <AskForm {...props} onLeave={() => setAsking(false)} /> : null}
          <TwiceTable
            rubric={rubric}
            rows={rows}
            chosen={row?.postId ?? null}
            onChoose={(postId) => setChosenId(postId)}
          />
        </section>
        <aside className="second-open" aria-label={t('openOne')}>
          {row && row.difference !== null ? (
            <BesideEachOther rubric={rubric} row={row} setting={setting} />
          ) : (
            <p className="calm">
              {t(row ? `state.${row.state}` : 'noneIn', {
                by: row?.by ?? '',
                isReader: String(row?.isReader ?? false),
              })}
            </p>
          )}
        </aside>
      </main>
      <SecondRailing
        rows={rows}
        row={row}
        setting={setting}
        next={next}
        left={others.length}
        onNext={() => setChosenId(next?.postId ?? null)}
      />
    </>
  );
}

/** How it stands, in words. */
function Says({ rows }: { readonly rows: readonly SecondRowShown[] }) {
  const t = useTranslations('second');
  const inWords = useNumberInWords();
  const amid = useNumberAmidWords();
  const differences = rows.flatMap(({ difference }) => (difference === null ? [] : Math.abs(difference)));
  if (differences.length === 0) {
    const done = rows.filter(({ state }) => state === 'firstOpen').length;
    return t('begun', { done, of: rows.length, by: rows[0]?.by ?? '', isReader: String(rows[0]?.isReader) });
  }
  const most = Math.max(...differences);
  const count = differences.filter((one) => one === most).length;
  if (most === 0) return t('allSame', { count, number: inWords(count) });
  return t('apartBy', {
    count,
    number: inWords(count),
    of: amid(differences.length),
    points: most,
    most: amid(most),
  });
}
