'use client';

import { useTranslations } from 'next-intl';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { erasePage } from '../../contract/pages/erasePage';
import { takeUpRevision } from '../../contract/pages/takeUpRevision';
import { useAddresses } from '../desk/useAddresses';
import { call } from '../basics/call';
import type { Asking } from '../basics/useAsking';
import type { PageBase, PageDeskProps } from './pageDeskProps';

interface PageRevisionsProps extends PageDeskProps {
  readonly flush: () => Promise<boolean>;
  readonly version: () => number;
  readonly asking: Asking;
  readonly onBase: (base: PageBase) => void;
  readonly onLower: () => void;
}

/** What was kept of a page, to look at and to go on from; and, for teachers, erasing it all. */
export function PageRevisions(props: PageRevisionsProps) {
  const { page, revisions, resting, erases, flush, version, asking, onBase, onLower } = props;
  const t = useTranslations('pages.revisions');
  const addresses = useAddresses();
  const router = useRouter();
  const [looking, setLooking] = useState<string | null>(null);
  const [sure, setSure] = useState(false);
  const takeUp = async (revisionId: string) => {
    if (!(await flush())) return;
    const input = { pageId: page.id, revisionId, version: version() };
    const outcome = await asking.wait(call(takeUpRevision, input));
    onLower();
    if (!outcome.ok) return;
    onBase(outcome.value);
    router.refresh();
  };
  const erase = async () => {
    const { ok } = await asking.wait(call(erasePage, { pageId: page.id }), { leaves: true });
    if (ok) router.push(addresses.pages);
  };
  return (
    <>
      {revisions.length === 0 ? <p>{t('none')}</p> : null}
      <ol className="rows">
        {revisions.map((revision) => (
          <li key={revision.id} className="!grid-cols-[1fr_auto] !py-2">
            <span>
              <b>{revision.title || t('untitled')}</b>
              <span className="calm block">
                {t(revision.shown ? 'shown' : 'kept', { when: revision.when, by: revision.by || 'none' })}
              </span>
            </span>
            <span className="flex gap-4">
              <button
                type="button"
                className="act"
                aria-expanded={looking === revision.id}
                onClick={() => setLooking(looking === revision.id ? null : revision.id)}
              >
                {t('look')}
              </button>
              <button
                type="button"
                className="act"
                disabled={resting}
                onClick={() => void takeUp(revision.id)}
              >
                {t('takeUp')}
              </button>
            </span>
            {looking === revision.id ? (
              <div
                className="lesson col-span-full max-h-64 overflow-auto border-l-4 border-line pl-3"
                tabIndex={0}
                role="region"
                aria-label={t('region', { when: revision.when })}
                dangerouslySetInnerHTML={{ __html: revision.html }}
              />
            ) : null}
          </li>
        ))}
      </ol>
      {erases ? (
        <p className="mt-4">
          {sure ? (
            <>
              {t('sure')}{' '}
              <button type="button" className="act" onClick={() => void erase()}>
                {t('eraseNow')}
              </button>{' '}
              <button type="button" className="act" data-leave="" onClick={() => setSure(false)}>
                {t('keep')}
              </button>
            </>
          ) : (
            <button type="button" className="act" disabled={resting} onClick={() => setSure(true)}>
              {t('erase')}
            </button>
          )}
        </p>
      ) : null}
    </>
  );
}
