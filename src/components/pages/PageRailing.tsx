'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { hidePage } from '../../contract/pages/hidePage';
import { showPage } from '../../contract/pages/showPage';
import { goesBeyondClass, type PageAudience } from '../../core/access/audience';
import { openDocument } from '../../core/document/openDocument';
import { saysSomething } from '../../core/document/saysSomething';
import type { Slat } from '../../core/requirements/slats';
import { countDocumentWords } from '../../core/words/documentWords';
import { call, type Outcome } from '../basics/call';
import type { Asking } from '../basics/useAsking';
import { Bay, StillBay } from '../railing/Bay';
import { Gate } from '../railing/Gate';
import { Tray } from '../railing/Tray';
import { useTrays } from '../railing/useTrays';
import { PageReaders } from './PageReaders';
import { PageRevisions } from './PageRevisions';
import type { PageBase, PageDeskProps } from './pageDeskProps';

interface PageRailingProps extends PageDeskProps {
  readonly draft: Pick<PageBase, 'title' | 'body'>;
  /** What is asked of the server about it. */
  readonly asking: Asking;
  readonly flush: () => Promise<boolean>;
  readonly version: () => number;
  readonly onBase: (base: PageBase) => void;
}

/** What a page needs before it can be read, who reads it, what was kept of it, and the gate at which it is shown. */
export function PageRailing(props: PageRailingProps) {
  const { page, draft, revisions, audiences, opens, resting, flush, version } = props;
  const { busy, problem, wait, say } = props.asking;
  const t = useTranslations('pages.railing');
  const router = useRouter();
  const { raised, lower, bay, tray } = useTrays<'readers' | 'earlier'>();
  const [chosen, setChosen] = useState<PageAudience>(
    page.asked?.audience ?? page.audience ?? audiences[0] ?? 'ourClass',
  );
  const count = useMemo(() => countDocumentWords(openDocument(draft.body)), [draft.body]);
  // Words say something; only where there are none is it looked what else the page shows.
  const says = useMemo(() => count > 0 || saysSomething(draft.body), [count, draft.body]);
  /** Does something with the page as it is saved by now. */
  const act = async (deed: () => Promise<Outcome<unknown>>) => {
    say('');
    if (!(await flush())) return;
    const { ok } = await wait(deed());
    lower();
    if (ok) router.refresh();
  };
  const asks = goesBeyondClass(chosen) && !opens;
  return (
    <footer className="railing with-gate" aria-label={t('label')}>
      <ul className="bays" aria-label={t('needs')} tabIndex={0}>
        <StillBay name={t('title')} slats={five(draft.title.trim() ? 'met' : 'gap')}>
          {draft.title.trim() ? t('titleThere') : t('titleMissing')}
        </StillBay>
        <StillBay name={t('text')} slats={five(says ? 'met' : 'gap')}>
          {says ? t('words', { count }) : t('textMissing')}
        </StillBay>
        <li className="grid">
          <Bay
            name={t('readers')}
            slats={five(page.asked ? 'waits' : page.audience ? 'met' : 'gap')}
            {...bay('readers')}
          >
            {page.asked
              ? t('asked', { name: page.asked.by, audience: page.asked.audience })
              : page.audience
                ? t(page.newer ? 'readOlder' : 'read', { audience: page.audience })
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
      <Gate
        label={t('gate')}
        stands={t('shownTo', { audience: chosen })}
        problem={problem}
        line={t(asks ? 'needsTeacher' : 'choose')}
      >
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
      </Gate>
      {raised?.id === 'readers' ? (
        <Tray {...tray} title={t('readers')}>
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
        <Tray {...tray} title={t('earlier')} width={640}>
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
