'use client';

import { ArrowLeft, ArrowRight } from 'lucide-react';
import { useFormatter, useTranslations } from 'next-intl';
import Link from 'next/link';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { openPeerReading } from '../../contract/peerReading/givePeerReading';
import type { PeerTextShown } from '../../contract/peerReading/peerShown';
import { worryAboutPeerText } from '../../contract/worries/worryAboutPeerText';
import { anchorFinder, anchorOf } from '../../core/notes/anchor';
import type { Passage } from '../../core/notes/passage';
import { call } from '../basics/call';
import { Mark } from '../basics/Mark';
import { useSteady } from '../basics/useSteady';
import { useAddresses } from '../desk/useAddresses';
import { MarkedText } from '../notes/MarkedText';
import { NO_MARKS, type Marks } from '../notes/markPage';
import { NotesBeside } from '../notes/NotesBeside';
import type { PageText } from '../notes/pageText';
import { PinHere } from '../notes/PinHere';
import { TellWorry } from '../worries/TellWorry';
import { PeerNote } from './PeerNote';
import { PeerRailing } from './PeerRailing';
import { usePeerWords, type PeerWordsAtWork } from './usePeerWords';

const NO_PICTURES: ReadonlyMap<string, readonly string[]> = new Map();

/** A classmate's text before it is handed in, with the teacher's questions and the notes of who reads it. */
export function PeerText(text: PeerTextShown) {
  const t = useTranslations('peer.text');
  const addresses = useAddresses();
  const { readingId, called, place, next, over } = text;
  useEffect(() => {
    // Noted when the page stands before a reader, not when a link to it was looked at in advance.
    void call(openPeerReading, { readingId });
  }, [readingId]);
  return (
    <>
      <section className="head of-peer" aria-label={t('head')}>
        <Link className="back" href="/today">
          <ArrowLeft aria-hidden="true" size={17} />{' '}
          <span className="sr-only sm:not-sr-only">{t('today')}</span>
        </Link>
        <p dir="auto">
          <b>{t('readingFor', { called, until: text.until ?? 'none' })}</b>{' '}
          {place.of > 1 ? t('place', place) : null}
        </p>
        {next ? (
          <Link className="back next" href={addresses.peerText(next.readingId)} prefetch={false}>
            {t('then', { called: next.called })} <ArrowRight aria-hidden="true" size={17} />
          </Link>
        ) : null}
      </section>
      {over ? <Over {...text} over={over} /> : <ToRead key={readingId} text={text} />}
    </>
  );
}

function Over({ over, called, said }: PeerTextShown & { readonly over: 'handedIn' | 'over' }) {
  const t = useTranslations('peer.text');
  return (
    <main className="page" id="main">
      <h1 className="says" dir="auto">
        {t(`ended.${over}`, { called })}
      </h1>
      {said.length > 0 ? (
        <>
          <p className="under">{t('saidThen')}</p>
          <ul className="mt-3 grid gap-3">
            {said.map(({ name, anchor, words }) => (
              <li key={name} dir="auto">
                {anchor ? <q className="block italic">{anchor.quote}</q> : null}
                {words}
              </li>
            ))}
          </ul>
        </>
      ) : null}
    </main>
  );
}

function ToRead({ text }: { readonly text: PeerTextShown }) {
  const t = useTranslations('peer.text');
  const format = useFormatter();
  const work = usePeerWords(text);
  const reading = usePassages(work);
  const [current, setCurrent] = useState<string | null>(null);
  /** The answer that the next passage is for. */
  const [pointing, setPointing] = useState<string | null>(null);
  const { called, named, teachers, questions } = text;
  const pin = (passage: Passage) => {
    if (!reading.page) return;
    const anchor = anchorOf(reading.page.text, passage);
    if (pointing === null) setCurrent(work.begin(anchor));
    else work.change(pointing, { anchor });
    setPointing(null);
  };
  const notes = [...work.said].filter(([name]) => name.length > 1);
  const placed = notes.toSorted(
    ([one], [another]) => (reading.places.get(one)?.from ?? 0) - (reading.places.get(another)?.from ?? 0),
  );
  return (
    <>
      <main className="leafpage" id="main">
        <div className="spread of-peer">
          <aside className="margin-start" aria-label={t('about')}>
            <dl className="peer-told">
              <dt>{t('whoSees')}</dt>
              <dd>{t(named ? 'named' : 'unnamed', { called, teachers: format.list(teachers) })}</dd>
              <dt>{t('untilWhen')}</dt>
              <dd>{t('untilSaid', { until: text.until ?? 'none', called })}</dd>
              <dt>{t('whatYouSee')}</dt>
              <dd>{t('taken', { called, when: text.taken })}</dd>
            </dl>
            <TellWorry
              label={t('worried')}
              tell={(words) => call(worryAboutPeerText, { readingId: text.readingId, words })}
              className="mt-6"
            />
          </aside>
          <article className="sheet-text">
            <p className="safe">
              <Mark
                id={work.state === 'waiting' || work.state === 'onDevice' ? 'porch-dark' : 'porch-light'}
              />
              <span>
                <b role="status">{t(`state.${work.state}`)}</b>{' '}
                {work.problem || t(text.given ? 'readsNow' : 'nobodyReads', { called })}
              </span>
            </p>
            <h1 className="post-title" dir="auto">
              {text.title || t('untitled')}
            </h1>
            <p className="mb-4 text-[14px] text-ink-2" dir="auto">
              {t('by', { writer: text.writer, assignment: text.assignment, words: text.words })}
            </p>
            <PinHere
              page={reading.page}
              language={text.language}
              name={t('theText')}
              pins={t(pointing === null ? 'pinHere' : 'pointHere')}
              onPin={pin}
            >
              {pointing === null ? null : (
                <p className="pinning-again" role="status">
                  {t('choose')}
                </p>
              )}
              <MarkedText
                html={text.html}
                marksFor={reading.marksFor}
                pictureNotes={NO_PICTURES}
                atPicture={null}
                onRead={reading.onRead}
              />
            </PinHere>
          </article>
          <aside className="margin-end pr-6" aria-label={t('yourNotes')}>
            <NotesBeside
              label={t('yourNotes')}
              text={text.html}
              notes={placed.map(([name, note]) => ({
                id: name,
                shown: (
                  <PeerNote
                    note={note}
                    isCurrent={current === name}
                    onWords={(words) => work.change(name, { words })}
                    onDrop={() => work.drop(name)}
                  />
                ),
              }))}
            />
            <p className="how-to-pin">{t('howToPin')}</p>
          </aside>
        </div>
      </main>
      <PeerRailing text={text} work={work} notes={notes.length} questions={questions} onPoint={setPointing} />
    </>
  );
}

/** The passages of notes and answers in the text as it stands on the page. */
function usePassages({ said }: PeerWordsAtWork) {
  const [page, setPage] = useState<PageText | null>(null);
  // Words that are typed move nothing in the text.
  const pins = useSteady([...said].flatMap(([id, { anchor }]) => (anchor ? [{ id, anchor }] : [])));
  const placesIn = useCallback(
    (text: string): ReadonlyMap<string, Passage | null> => {
      const find = anchorFinder(text);
      return new Map(pins.map(({ id, anchor }) => [id, find(anchor)]));
    },
    [pins],
  );
  const marksFor = useCallback(
    (read: PageText): Marks => ({
      ...NO_MARKS,
      noted: [...placesIn(read.text)].flatMap(([id, place]) => (place ? [{ id, ...place }] : [])),
    }),
    [placesIn],
  );
  const places = useMemo(() => placesIn(page?.text ?? ''), [placesIn, page]);
  const onRead = useCallback((read: PageText) => setPage(read), []);
  return { page, onRead, marksFor, places };
}
