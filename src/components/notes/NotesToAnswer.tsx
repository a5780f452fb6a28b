'use client';

import type { Editor } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import { useEffect, useId, useState } from 'react';
import { answerNote } from '../../contract/notes/answerNote';
import type { NoteShown } from '../../contract/notes/noteShown';
import { LONGEST_ANSWER } from '../../core/notes/note';
import { useAsking } from '../basics/useAsking';
import { useDeed } from '../basics/useDeed';
import { useSteady } from '../basics/useSteady';
import { NotesBeside } from './NotesBeside';
import { notedPassages, notesWithPassage, takeOver, type NotePinned } from './notedPassages';
import { NoteAnswers } from './NoteAnswers';
import { WorryAboutNote } from '../worries/WorryAboutNote';
import { SuggestedWords } from './SuggestedWords';

interface NotesToAnswerProps {
  readonly postId: string;
  readonly notes: readonly NoteShown[];
  /** The desk; null where the post is only read. */
  readonly editor: Editor | null;
}

/** What teachers wrote to the writer, beside the passages of the text that is written on. */
export function NotesToAnswer({ postId, notes, editor }: NotesToAnswerProps) {
  const t = useTranslations('notes');
  const found = useNoted(notes, editor);
  if (notes.length === 0) return null;
  const open = notes.filter((note) => !note.settled);
  const settled = notes.filter((note) => note.settled);
  const show = (note: NoteShown) => (
    <NoteToAnswer key={note.id} postId={postId} note={note} editor={editor} isThere={found.has(note.id)} />
  );
  const inOrder = [
    ...open.filter((note) => !found.has(note.id)),
    ...[...found].flatMap((id) => open.filter((note) => note.id === id)),
  ];
  return (
    <>
      <NotesBeside
        label={t('label')}
        notes={inOrder.map((note) => ({ id: note.id, shown: show(note) }))}
        text={found}
      />
      {settled.length > 0 ? (
        <details className="mt-4">
          <summary className="cursor-pointer text-ink-2">
            {t('settledOnes', { count: settled.length })}
          </summary>
          {settled.map(show)}
        </details>
      ) : null}
    </>
  );
}

/** Marks the passages of notes in the editor. @returns the notes that have one, in the order of the text */
function useNoted(notes: readonly NoteShown[], editor: Editor | null): ReadonlySet<string> {
  const [found, setFound] = useState<ReadonlySet<string>>(new Set());
  const pins = useSteady<readonly NotePinned[]>(
    notes.flatMap(({ id, anchor }) => (anchor ? [{ id, anchor }] : [])),
  );
  useEffect(() => {
    if (!editor || pins.length === 0) return undefined;
    const plugin = notedPassages(pins);
    editor.registerPlugin(plugin);
    const look = () => {
      const there = notesWithPassage(editor.state);
      setFound((known) => ([...known].join() === [...there].join() ? known : there));
    };
    look();
    editor.on('update', look);
    return () => {
      editor.off('update', look);
      if (!editor.isDestroyed) editor.unregisterPlugin('notedPassages');
    };
  }, [editor, pins]);
  return found;
}

interface NoteToAnswerProps extends Omit<NotesToAnswerProps, 'notes'> {
  readonly note: NoteShown;
  /** Whether its passage stands in the text. */
  readonly isThere: boolean;
}

function NoteToAnswer({ postId, note, editor, isThere }: NoteToAnswerProps) {
  const t = useTranslations('notes');
  const id = useId();
  const { act, busy, problem } = useDeed();
  const { problem: gone, say } = useAsking();
  const [answering, setAnswering] = useState(false);
  const [text, setText] = useState('');
  const isDone = note.answers.some((answer) => answer.done);
  const answer = async (done: boolean) => {
    if (await act(answerNote, { postId, noteId: note.id, text, done })) {
      setText('');
      setAnswering(false);
    }
  };
  const take = (words: string) => {
    if (editor && takeOver(editor, note.id, words)) void answer(true);
    else say(t('passageGone'));
  };
  return (
    <div className={`note ${isThere ? '' : 'loose'}`}>
      <b>{t('byOn', { author: note.author, when: note.when })}</b>
      {note.anchor && !isThere ? (
        <p className="lost">
          {t('wasAbout')} <q dir="auto">{note.anchor.quote}</q>
        </p>
      ) : null}
      {note.anchor && isThere ? (
        <q className="passage-here" dir="auto">
          {note.anchor.quote}
        </q>
      ) : null}
      <p className="either-way">{note.text}</p>
      {note.suggested !== null && note.anchor ? (
        <SuggestedWords quote={note.anchor.quote} suggested={note.suggested} />
      ) : null}
      <NoteAnswers answers={note.answers} writer={null} />
      {answering ? (
        <label className="mt-2 grid gap-1" htmlFor={id}>
          <span className="text-[13px]">{t('answerLabel')}</span>
          <textarea
            id={id}
            dir="auto"
            autoFocus
            className="field [field-sizing:content]"
            maxLength={LONGEST_ANSWER}
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        </label>
      ) : null}
      <p className="problem" role="alert">
        {problem || gone}
      </p>
      <span className="note-acts">
        {note.suggested !== null && editor && isThere && !isDone ? (
          <button type="button" className="act" disabled={busy} onClick={() => take(note.suggested ?? '')}>
            {t('takeOver')}
          </button>
        ) : null}
        {answering ? (
          <>
            <button
              type="button"
              className="act"
              disabled={busy || !text.trim()}
              onClick={() => void answer(false)}
            >
              {t('sendAnswer')}
            </button>
            <button type="button" className="act" data-leave="" onClick={() => setAnswering(false)}>
              {t('leaveAnswer')}
            </button>
          </>
        ) : (
          <button type="button" className="act" onClick={() => setAnswering(true)}>
            {t('answerTo')}
          </button>
        )}
        {isDone ? null : (
          <button type="button" className="act" disabled={busy} onClick={() => void answer(true)}>
            {t('sayDone')}
          </button>
        )}
      </span>
      <WorryAboutNote postId={postId} noteId={note.id} about="note" />
    </div>
  );
}
