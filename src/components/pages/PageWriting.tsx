'use client';

import { ArrowLeft } from 'lucide-react';
import { useTranslations } from 'next-intl';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useCallback } from 'react';
import { savePage } from '../../contract/pages/savePage';
import { useAddresses } from '../desk/useAddresses';
import { call } from '../basics/call';
import { useAutosave } from '../basics/useAutosave';
import { useAsking } from '../basics/useAsking';
import { useRefusal } from '../basics/useRefusal';
import type { PageBase, PageDeskProps } from './pageDeskProps';
import { PageRailing } from './PageRailing';

// The editor works in the browser alone.
const LessonDesk = dynamic(() => import('../lesson/LessonDesk'), { ssr: false });

interface PageWritingProps extends PageDeskProps {
  readonly base: PageBase;
  readonly onBase: (base: PageBase) => void;
}

/** Title and text of a page, which save themselves, and the railing with its readers. */
export function PageWriting(props: PageWritingProps) {
  const { page, base, classId, language, writer } = props;
  const t = useTranslations('pages');
  const addresses = useAddresses();
  const refusal = useRefusal();
  const save = useCallback(
    (draft: Pick<PageBase, 'title' | 'body'>, version: number) =>
      call(savePage, { pageId: page.id, version, ...draft }),
    [page.id],
  );
  const { draft, state, change, flush, version } = useAutosave(
    page.id,
    { title: base.title, body: base.body },
    base.version,
    save,
  );
  const asking = useAsking();
  const titleProblem = asking.problemAt('title');
  return (
    <>
      <section className="head" aria-label={t('head')}>
        <Link className="back" href={addresses.pages}>
          <ArrowLeft aria-hidden="true" size={17} /> {t('back')}
        </Link>
        <p>
          <b>{draft.title.trim() || t('untitled')}</b>{' '}
          {page.audience
            ? t('readSince', { audience: page.audience, when: page.shownWhen ?? '' })
            : t('onlyTended')}{' '}
          <span role="status">
            {state.kind === 'refused' ? (
              <span className="problem">{refusal(state)}</span>
            ) : (
              t(state.kind === 'saving' ? 'saving' : 'saved')
            )}
          </span>
        </p>
      </section>
      <main id="main" className="page-writing">
        <LessonDesk
          label={t('text')}
          body={base.body}
          writingId={page.id}
          classId={classId}
          language={language}
          writer={writer}
          onChange={(body) => change({ body })}
        >
          <input
            className="page-title"
            aria-label={t('title')}
            placeholder={t('titleHint')}
            maxLength={300}
            value={draft.title}
            aria-invalid={titleProblem !== ''}
            onChange={(event) => {
              asking.say('');
              change({ title: event.target.value });
            }}
          />
          {titleProblem ? (
            <p className="problem mb-4" role="alert">
              {titleProblem}
            </p>
          ) : null}
        </LessonDesk>
      </main>
      <PageRailing {...props} draft={draft} asking={asking} flush={flush} version={version} />
    </>
  );
}
