'use client';

import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { addressesOf, reviewAddress } from '../../contract/addresses';
import type { DetailShown } from '../../contract/details/detailShown';
import type { InputOf } from '../../contract/input';
import type { NoteTyped } from '../../contract/notes/keepNote';
import { dropOpening } from '../../contract/publications/dropOpening';
import { narrowPost } from '../../contract/publications/narrowPost';
import { planOpening } from '../../contract/publications/planOpening';
import { publish } from '../../contract/publications/publish';
import { decide } from '../../contract/reviews/decide';
import { openHandIn } from '../../contract/reviews/openHandIn';
import { narrower, type Audience } from '../../core/access/audience';
import { anchorOf } from '../../core/notes/anchor';
import type { Passage } from '../../core/notes/passage';
import { call, type Outcome } from '../basics/call';
import { useAsking } from '../basics/useAsking';
import { useRefusal } from '../basics/useRefusal';
import { Steps } from '../assignment/Steps';
import { showPassage } from '../notes/showPassage';
import { useNotes } from '../notes/useNotes';
import { ChangedBeside } from './ChangedBeside';
import { ChangedBesideText } from './ChangedBesideText';
import { HiddenName } from './HiddenName';
import { isLost, NotesOfReview } from './NotesOfReview';
import { noteDecided } from './justDecided';
import { ReviewRailing } from './ReviewRailing';
import { ReviewTurns } from './ReviewTurns';
import { TextToPin } from './TextToPin';
import { useAtReview } from './useAtReview';
import { useReading, type Turn } from './useReading';
import { useReviewKeys } from './useReviewKeys';
import { WorryAboutHandIn } from '../worries/WorryAboutHandIn';
import { UndoDecision } from './UndoDecision';
import { WhoReads } from './WhoReads';
import type { ActOnHandIn, DecideOnHandIn, ReviewProps } from './reviewProps';

/** A handed-in post as a teacher reads it: the text with what changed, notes beside their passages, the teacher's railing below. */
export function Review(props: ReviewProps) {
  const { postId, handInId, changed, writer } = props;
  const t = useTranslations('review');
  const detailWords = useTranslations('details');
  const router = useRouter();
  const { busy, problem, wait, say } = useAsking();
  const opened = useRef('');
  const [turn, setTurn] = useState<Turn>(changed ? 'changed' : 'notes');
  const [pinningAgain, setPinningAgain] = useState<string | null>(null);
  const work = useNotes({ postId, handInId, reader: props.reader }, props.notes);
  useReviewKeys();
  const refusal = useRefusal();
  const { take, ...at } = useAtReview(props, (refused) => say(refusal(refused)));
  const reading = useReading(work.notes, turn, changed?.changes ?? null);

  const lostNotes = work.notes.filter((note) => isLost(note, reading)).length;

  // Of a growing post the new entries come first; what is above them was read.
  const firstNew = props.newEntries[0]?.id;
  useEffect(() => {
    if (firstNew !== undefined) document.getElementById(firstNew)?.scrollIntoView({ block: 'start' });
  }, [firstNew]);

  // A passage that was chosen on another page is pinned once, and not again when this one is read again.
  const { begin } = work;
  const { pinAt } = props;
  const pinned = useRef(false);
  useEffect(() => {
    if (!reading.page || !pinAt || pinned.current) return;
    pinned.current = true;
    window.history.replaceState(null, '', reviewAddress(postId));
    begin({ target: 'passage', targetId: null, anchor: anchorOf(reading.page.text, pinAt) });
    showPassage(reading.page, pinAt);
  }, [reading.page, pinAt, begin, postId]);

  // The notes went along once what was decided counts.
  const { noteSent } = work;
  const wasPending = useRef(false);
  useEffect(() => {
    if (wasPending.current && !props.pending && props.stage !== 'handedIn') noteSent();
    wasPending.current = props.pending !== null;
  }, [props.pending, props.stage, noteSent]);

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
  const act: ActOnHandIn = async (deed, more) => {
    // The compiler does not see that what is named and the rest are the whole.
    return told(call(deed, { postId, handInId, ...more } as InputOf<typeof deed>));
  };
  const decideIt: DecideOnHandIn = async (made) => {
    // What is decided sends the notes along, the last typed word among them.
    if (!(await work.flush())) {
      say(t('gate.notKept'));
      return false;
    }
    const outcome = await wait(call(decide, { postId, handInId, ...made }));
    if (!outcome.ok) return false;
    const { title, assignmentTitle } = props;
    noteDecided(
      { postId, decision: made.decision, title: title || assignmentTitle, writer: writer.name },
      outcome.value.countsIn,
    );
    router.refresh();
    return true;
  };
  const letRead = async (audience: Audience, details: readonly string[], at: string | null) => {
    const { published } = props.readers;
    const narrows = at === null && published !== null && narrower(audience, published) === audience;
    const opening = { postId, audience, details: [...details] };
    if (narrows) return told(call(narrowPost, { postId, audience }));
    return told(at === null ? call(publish, opening) : call(planOpening, { ...opening, at }));
  };
  const sendNotes = async () => {
    if (await work.flush()) await wait(work.send());
    else say(t('gate.notKept'));
  };
  const show = ({ from, to }: Passage) => {
    if (reading.page) showPassage(reading.page, { from, to });
  };
  /** Begins a note on a passage, with words where there are some to begin with. */
  const noteOn = (passage: Passage, typed?: NoteTyped) => {
    if (!reading.page) return;
    const anchor = anchorOf(reading.page.text, passage);
    work.begin({ target: 'passage', targetId: null, anchor }, typed);
    if (turn === 'readers') setTurn('notes');
  };
  const noteDetail = ({ from, to, kind, mending }: DetailShown) => {
    const text = detailWords(`noteOn.${kind === 'fullName' ? 'name' : 'other'}`);
    noteOn({ from, to }, { text, suggested: mending });
  };
  // Neither of two writers is named to the other.
  const askAbout = (passage: Passage) => noteOn(passage, { text: t('alike.question'), suggested: null });
  const pin = (passage: Passage) => {
    if (!reading.page || !pinningAgain) return noteOn(passage);
    work.pinAgain(pinningAgain, anchorOf(reading.page.text, passage));
    setPinningAgain(null);
    if (turn === 'readers') setTurn('notes');
  };

  return (
    <>
      <main className="leafpage" id="main">
        <UndoDecision />
        <div className="spread reviewed">
          <aside className="margin-start" aria-label={t('about')}>
            <ReviewTurns {...props} turn={turn} onTurn={setTurn} notes={work.notes.length} lost={lostNotes} />
            {writer.hidden ? <HiddenName postId={postId} /> : null}
            {props.shared && props.stage === 'handedIn' ? <WhoReads {...at} take={take} /> : null}
            {changed && turn === 'changed' ? (
              <ChangedBeside places={changed.changes.places} page={reading.page} label={t('turns.changed')} />
            ) : (
              <>
                {turn === 'notes' ? (
                  <NotesOfReview {...props} lost work={work} reading={reading} onPinAgain={setPinningAgain} />
                ) : null}
                <AboutPost {...props} />
              </>
            )}
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
                writer.name,
                props.typedInBy === null ? null : t('typedInBy', { by: props.typedInBy }),
                t('handedIn', { when: props.handedIn }),
                props.daysLate > 0 ? t('daysLate', { days: props.daysLate }) : null,
                t('words', { count: props.words }),
                props.labels.join(', ') || null,
              ]
                .filter(Boolean)
                .join(' · ')}
            </p>
            {props.newEntries.length > 0 ? (
              <nav className="mb-4 border-y border-line py-2 text-[15px]" aria-label={t('newEntries')}>
                <b>{t('newEntries')}</b>
                <ol>
                  {props.newEntries.map((entry) => (
                    <li key={entry.id}>
                      <a href={`#${entry.id}`} dir="auto">
                        {entry.text}
                      </a>
                    </li>
                  ))}
                </ol>
              </nav>
            ) : null}
            {changed && turn === 'changed' ? <ChangedBesideText changes={changed.changes} /> : null}
            <TextToPin
              html={props.html}
              language={props.language}
              reading={reading}
              pinningAgain={pinningAgain !== null}
              onPin={pin}
              onPicture={(targetId) => work.begin({ target: 'picture', targetId, anchor: null })}
            />
            {props.documents.map((one) => (
              <DocumentCopy key={one.address} {...one} />
            ))}
            <WorryAboutHandIn postId={postId} />
            <p className="mt-6 text-[14px] text-ink-2">
              {t.rich('keys', { k: (chunks) => <kbd className="key">{chunks}</kbd> })}
            </p>
          </article>
          <aside className="margin-end pr-6" aria-label={t('notes')}>
            <NotesOfReview {...props} work={work} reading={reading} onPinAgain={setPinningAgain} />
          </aside>
        </div>
      </main>
      <ReviewRailing
        {...props}
        busy={busy}
        problem={problem}
        act={act}
        decide={decideIt}
        publish={letRead}
        dropOpening={() => told(call(dropOpening, { postId }))}
        notesAtWork={work}
        lostNotes={lostNotes}
        sendNotes={() => void sendNotes()}
        show={show}
        noteDetail={noteDetail}
        askAbout={askAbout}
      />
    </>
  );
}

/** What else there is to know of the post. */
function AboutPost(props: ReviewProps) {
  const t = useTranslations('review');
  return (
    <div className="spare">
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
      {props.second && !props.second.mine ? (
        <p className="mt-3 text-ink-2">
          {t(`second.${props.second.state}`, { by: props.second.by })}{' '}
          {props.second.locked ? t('second.keptOwn') : null}{' '}
          <Link className="act" href={addressesOf(props.classId).second(props.assignmentId)} prefetch={false}>
            {t('second.open')}
          </Link>
        </p>
      ) : null}
      <p className="mt-3">
        <Link
          className="act !whitespace-normal"
          href={addressesOf(props.classId).set(props.assignmentId)}
          prefetch={false}
        >
          {t('set', { title: props.assignmentTitle })}
        </Link>
      </p>
      {props.mayOpenOrigin ? (
        <p className="mt-3">
          <Link
            className="act !whitespace-normal"
            href={addressesOf(props.classId).origin(props.postId)}
            prefetch={false}
          >
            {t('origin')}
          </Link>
        </p>
      ) : null}
      {props.readBy.length ? (
        <p className="mt-3 text-ink-2">
          {t('readBy', { names: props.readBy.map((one) => one.name).join(', ') })}
        </p>
      ) : null}
    </div>
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
