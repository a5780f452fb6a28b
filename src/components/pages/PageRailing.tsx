'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useId, useMemo, useState } from 'react';
import { hidePage } from '../../contract/pages/hidePage';
import { showPage } from '../../contract/pages/showPage';
import { goesBeyondClass, type PageAudience } from '../../core/access/audience';
import { openDocument } from '../../core/document/openDocument';
import { saysSomething } from '../../core/document/saysSomething';
import type { Slat } from '../../core/requirements/slats';
import { countDocumentWords } from '../../core/words/documentWords';
import { call, type Outcome } from '../basics/call';
import { Mark } from '../basics/Mark';
import { Bay } from '../railing/Bay';
import { Pickets } from '../railing/Pickets';
import { Tray } from '../railing/Tray';
import { PageReaders } from './PageReaders';
import { PageRevisions } from './PageRevisions';
import type { PageBase, PageDeskProps, Refused } from './pageDeskProps';

interface PageRailingProps extends PageDeskProps {
  readonly draft: Pick<PageBase, 'title' | 'body'>;
  /** What was wrong with showing it, in words, or nothing. */
  readonly problem: string;
  readonly flush: () => Promise<boolean>;
  readonly version: () => number;
  readonly onProblem: (refused: Refused | null) => void;
  readonly onBase: (base: PageBase) => void;
}

type Raised = { readonly id: 'readers' | 'earlier'; readonly above: HTMLElement } | null;

/** What a page needs before it can be read, who reads it, what was kept of it, and the gate at which it is shown. */
export function PageRailing(props: PageRailingProps) {
  const { page, draft, revisions, audiences, opens, resting, problem, flush, version, onProblem } = props;
  const t = useTranslations('pages.railing');
  const words = useTranslations('audience');
  const router = useRouter();
  const trayId = useId();
  const [raised, setRaised] = useState<Raised>(null);
  const [busy, setBusy] = useState(false);
  const [chosen, setChosen] = useState<PageAudience>(
    page.asked?.audience ?? page.audience ?? audiences[0] ?? 'ourClass',
  );
  const count = useMemo(() => countDocumentWords(openDocument(draft.body)), [draft.body]);
  // Words say something; only where there are none is it looked what else the page shows.
  const says = useMemo(() => count > 0 || saysSomething(draft.body), [count, draft.body]);
  const lower = () => setRaised(null);
  /** Does something with the page as it is saved by now. */
  const act = async (deed: () => Promise<Outcome<unknown>>) => {
    setBusy(true);
    onProblem(null);
    if (await flush()) {
      const outcome = await deed();
      lower();
      if (outcome.ok) router.refresh();
      else onProblem(outcome);
    }
    setBusy(false);
  };
  const bay = (id: 'readers' | 'earlier') => ({
    bonus: false,
    trayId,
    open: raised?.id === id,
    onPress: (above: HTMLElement) => setRaised(raised?.id === id ? null : { id, above }),
  });
  const asks = goesBeyondClass(chosen) && !opens;
  return (
    <footer className="railing with-gate" aria-label={t('label')}>
      <ul className="bays" aria-label={t('needs')} tabIndex={0}>
        <li className="bay">
          <Pickets slats={five(draft.title.trim() ? 'met' : 'gap')} />
          <b>{t('title')}</b>
          <small>{draft.title.trim() ? t('titleThere') : t('titleMissing')}</small>
        </li>
        <li className="bay">
          <Pickets slats={five(says ? 'met' : 'gap')} />
          <b>{t('text')}</b>
          <small>{says ? t('words', { count }) : t('textMissing')}</small>
        </li>
        <li className="grid">
          <Bay
            name={t('readers')}
            slats={five(page.asked ? 'waits' : page.audience ? 'met' : 'gap')}
            {...bay('readers')}
          >
            {page.asked
              ? t('asked', { name: page.asked.by, audience: words(page.asked.audience) })
              : page.audience
                ? t(page.newer ? 'readOlder' : 'read', { audience: words(page.audience) })
                : t('nobody')}
          </Bay>
        </li>
        <li className="grid">
          <Bay
            name={t('earlier')}
            slats={five(revisions.length ? 'bonus' : 'bonusOffered')}
            {...bay('earlier')}
          >
            {t('kept', { count: revisions.length })}
          </Bay>
        </li>
      </ul>
      <section className="gate" aria-label={t('gate')}>
        <Mark id="gate-open" className="leaf" />
        <div className="say">
          <b>{t('shownTo', { audience: words(chosen) })}</b>
          {problem ? (
            <small className="problem" role="alert">
              {problem}
            </small>
          ) : (
            <small>{asks ? t('needsTeacher') : t('choose')}</small>
          )}
          <button
            type="button"
            className={says && draft.title.trim() ? 'sign ready' : 'sign'}
            disabled={busy || resting}
            onClick={() =>
              void act(() => call(showPage, { pageId: page.id, version: version(), audience: chosen }))
            }
          >
            {t(asks ? 'ask' : 'show')}
          </button>
        </div>
      </section>
      {raised?.id === 'readers' ? (
        <Tray id={trayId} title={t('readers')} above={raised.above} onLower={lower}>
          <PageReaders
            page={page}
            audiences={audiences}
            opens={opens}
            chosen={chosen}
            busy={busy || resting}
            onChoose={setChosen}
            onHide={() => void act(() => call(hidePage, { pageId: page.id }))}
          />
        </Tray>
      ) : null}
      {raised?.id === 'earlier' ? (
        <Tray id={trayId} title={t('earlier')} above={raised.above} width={640} onLower={lower}>
          <PageRevisions {...props} onLower={lower} />
        </Tray>
      ) : null}
    </footer>
  );
}

/** Pickets that all stand alike: none of this is counted. */
function five(slat: Slat): readonly Slat[] {
  return Array.from({ length: 5 }, () => slat);
}
