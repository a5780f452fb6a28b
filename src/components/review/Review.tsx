'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { addressesOf } from '../../contract/addresses';
import type { InputOf } from '../../contract/input';
import { narrowPost } from '../../contract/publications/narrowPost';
import { publish } from '../../contract/publications/publish';
import { openHandIn } from '../../contract/reviews/openHandIn';
import { writeNote } from '../../contract/reviews/writeNote';
import { narrower, type Audience } from '../../core/access/audience';
import { call, type Outcome } from '../basics/call';
import { useAsking } from '../basics/useAsking';
import { Steps } from '../assignment/Steps';
import { NotesInMargin } from '../feedback/NotesInMargin';
import { ChangedText } from '../revisions/ChangedText';
import { NewNote } from './NewNote';
import { ReviewRailing } from './ReviewRailing';
import type { ActOnHandIn, ReviewProps } from './reviewProps';

/** A handed-in post as a teacher reads it: the text as readers see it, notes beside it, the teacher's railing below. */
export function Review(props: ReviewProps) {
  const { postId, handInId, notes } = props;
  const t = useTranslations('review');
  const router = useRouter();
  const { busy, problem, wait } = useAsking();
  const opened = useRef('');

  useEffect(() => {
    // Reading is noted when the page stands before a teacher, not when a link to it was looked at in advance.
    if (opened.current === handInId) return;
    opened.current = handInId;
    void call(openHandIn, { postId, handInId });
  }, [postId, handInId]);

  const told = async (answer: Promise<Outcome<unknown>>): Promise<boolean> => {
    const { ok } = await wait(answer);
    if (ok) router.refresh();
    return ok;
  };
  const act: ActOnHandIn = (deed, more) =>
    // The compiler does not see that what is named and the rest are the whole.
    told(call(deed, { postId, handInId, ...more } as InputOf<typeof deed>));
  const letRead = async (audience: Audience) => {
    const { published } = props.readers;
    const narrows = published !== null && narrower(audience, published) === audience;
    return told(call(narrows ? narrowPost : publish, { postId, audience }));
  };

  return (
    <>
      <main className="leafpage" id="main">
        <div className="spread">
          <aside className="margin-start spare" aria-label={t('about')}>
            <p className="text-ink-2">{t('readAs')}</p>
            {props.parts.length ? (
              <>
                <h2 className="mt-4 font-semibold">{t('parts')}</h2>
                <ol className="mt-1 grid gap-1 text-ink-2">
                  {props.parts.map((part, index) => (
                    <li key={index}>{part}</li>
                  ))}
                </ol>
              </>
            ) : null}
            {props.steps.length ? <Steps steps={props.steps} /> : null}
            <p className="mt-3">
              <Link
                className="act !whitespace-normal"
                href={addressesOf(props.classId).set(props.assignmentId)}
                prefetch={false}
              >
                {t('set', { title: props.assignmentTitle })}
              </Link>
            </p>
            {props.readBy.length ? (
              <p className="mt-3 text-ink-2">
                {t('readBy', { names: props.readBy.map((one) => one.name).join(', ') })}
              </p>
            ) : null}
            <p className="mt-3 text-ink-2">
              {t.rich('keys', { k: (chunks) => <kbd className="key">{chunks}</kbd> })}
            </p>
          </aside>
          <article className="sheet-text">
            <h1 className="post-title">{props.title || t('untitled')}</h1>
            {props.subtitle ? (
              <p className="mt-2 font-read text-[19px] text-ink-2" dir="auto">
                {props.subtitle}
              </p>
            ) : null}
            <p className="mb-4 text-[14px] text-ink-2">
              {[
                props.writer.name,
                t('handedIn', { when: props.handedIn }),
                props.daysLate > 0 ? t('daysLate', { days: props.daysLate }) : null,
                t('words', { count: props.words }),
                props.labels.join(', ') || null,
              ]
                .filter(Boolean)
                .join(' · ')}
            </p>
            {props.changed ? (
              <details className="mb-5 border-l-4 border-dusk pl-3">
                <summary className="cursor-pointer font-semibold">
                  {t('since', { when: props.changed.since, ...props.changed.changes.words })}
                </summary>
                <ChangedText changes={props.changed.changes} />
              </details>
            ) : null}
            <div className="prose" dangerouslySetInnerHTML={{ __html: props.html }} />
            {props.documents.map((one) => (
              <DocumentCopy key={one.address} {...one} />
            ))}
          </article>
          <aside className="margin-end pr-6" aria-label={t('notes')}>
            <NotesInMargin notes={notes} />
            <NewNote writer={props.writer.name} onWrite={(text) => act(writeNote, { text })} />
          </aside>
        </div>
      </main>
      <ReviewRailing {...props} busy={busy} problem={problem} act={act} publish={letRead} />
    </>
  );
}

/** What a shared document said when the post that names it was handed in. */
function DocumentCopy({ title, address, text, when }: ReviewProps['documents'][number]) {
  const t = useTranslations('review.document');
  if (text === null) return <p className="mt-4 text-ink-2">{t('notKept', { title: title || address })}</p>;
  return (
    <details className="mt-4 border-l-4 border-dusk pl-3">
      <summary className="cursor-pointer font-semibold">
        {t('kept', { title: title || address, when: when ?? '' })}
      </summary>
      <p className="mt-2 whitespace-pre-wrap">{text}</p>
    </details>
  );
}
