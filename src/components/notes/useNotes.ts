'use client';

import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { dropNote } from '../../contract/notes/dropNote';
import type { NoteTyped } from '../../contract/notes/keepNote';
import type { NoteShown } from '../../contract/notes/noteShown';
import { sendNotes } from '../../contract/notes/sendNotes';
import { settleNote } from '../../contract/notes/settleNote';
import type { Anchor } from '../../core/notes/anchor';
import { call, type Outcome } from '../basics/call';
import { newKey } from '../basics/newKey';
import { forgetUnsavedNote, listUnsavedNotes, type UnsavedNote } from '../basics/unsavedNotes';

/** What a note is pinned to. */
export type Pin = Pick<NoteShown, 'target' | 'targetId' | 'anchor'>;

/** A note as it stands on the page that it is worked on. */
export interface NoteAtWork extends NoteShown {
  /** What words of it were typed on which an earlier visit left on this device; null where it left none. */
  readonly leftOn: LeftOn | null;
}

/** The version and the page that something was typed on. */
export type LeftOn = Pick<UnsavedNote, 'version' | 'page'>;

/** The post whose notes are worked on, and who does it. */
export interface NotesOf {
  readonly postId: string;
  readonly handInId: string;
  readonly reader: { readonly id: string; readonly sealKey: string };
}

export interface NotesAtWork {
  readonly of: NotesOf;
  readonly notes: readonly NoteAtWork[];
  /** The note that was begun, or is to be looked at, last. */
  readonly current: string | null;
  readonly lookAt: (id: string | null) => void;
  /** How many notes of one's own are not sent as they stand. */
  readonly unsent: number;
  /** Sends all of one's own notes, as they stand. */
  readonly send: () => Promise<Outcome<unknown>>;
  /** How often all was sent from this page. */
  readonly sends: number;
  /** Notes that what was done sent them along. */
  readonly noteSent: () => void;
  /** Begins a note, with words where there are some to begin with. */
  readonly begin: (pin: Pin, typed?: NoteTyped) => void;
  readonly type: (id: string, typed: NoteTyped) => void;
  /** Words that are to go into a note, until it has taken them; each time another object. */
  readonly toPutIn: {
    readonly noteId: string;
    readonly words: string;
    readonly suggested: string | null;
  } | null;
  /** Puts words at the end of the note of one's own that was looked at last, or into a new one on the whole post. */
  readonly putIn: (words: string) => void;
  /** Gives a note another passage. */
  readonly pinAgain: (id: string, anchor: Anchor) => void;
  readonly drop: (id: string) => Promise<Outcome<unknown>>;
  readonly settle: (id: string, settled: boolean) => Promise<Outcome<unknown>>;
  /** Keeps all that is typed; false where the server does not have all of it. */
  readonly flush: () => Promise<boolean>;
  /** Takes part in `flush`, until the function that comes back is called. */
  readonly join: (flush: () => Promise<boolean>) => () => void;
}

type Changed = Partial<Pick<NoteShown, 'text' | 'suggested' | 'anchor'>>;

/** The notes of a post that is read: as the server has them, with all that was begun and typed here since. */
export function useNotes(of: NotesOf, given: readonly NoteShown[]): NotesAtWork {
  const { postId, reader } = of;
  const router = useRouter();
  const [begun, setBegun] = useState<readonly NoteAtWork[]>([]);
  const [changed, setChanged] = useState<ReadonlyMap<string, Changed>>(new Map());
  const [left, setLeft] = useState<ReadonlyMap<string, LeftOn>>(new Map());
  const [gone, setGone] = useState<ReadonlySet<string>>(new Set());
  const [sends, setSends] = useState(0);
  const [current, lookAt] = useState<string | null>(null);
  const [toPutIn, setToPutIn] = useState<NotesAtWork['toPutIn']>(null);
  const flushes = useRef(new Set<() => Promise<boolean>>());

  const change = useCallback((id: string, part: Changed) => {
    setChanged((known) => new Map(known).set(id, { ...known.get(id), ...part }));
  }, []);

  useEffect(() => {
    let here = true;
    void listUnsavedNotes({ personId: reader.id, sealKey: reader.sealKey }, postId).then((found) => {
      if (!here) return;
      for (const [id, { text, suggested, anchor }] of found) change(id, { text, suggested, anchor });
      setLeft(new Map([...found].map(([id, { version, page }]) => [id, { version, page }])));
      setBegun((known) => [
        ...[...found].map(([id, { target, targetId, anchor, version, page }]) => ({
          ...emptyNote({ target, targetId, anchor }),
          id,
          version,
          leftOn: { version, page },
        })),
        ...known,
      ]);
    });
    return () => {
      here = false;
    };
  }, [postId, reader.id, reader.sealKey, change]);

  const notes = useMemo(() => {
    const known = new Set(given.map(({ id }) => id));
    return [...given, ...begun.filter(({ id }) => !known.has(id))]
      .filter(({ id }) => !gone.has(id))
      .map((note): NoteAtWork => {
        const typed = changed.get(note.id) ?? {};
        return {
          ...note,
          ...typed,
          leftOn: left.get(note.id) ?? null,
          unsent: note.mine && (note.unsent || !isAsBefore(note, typed)),
        };
      });
  }, [given, begun, changed, left, gone]);

  const noteSent = useCallback(() => setSends((count) => count + 1), []);
  const send = async () => {
    const outcome = await call(sendNotes, { postId, handInId: of.handInId });
    if (outcome.ok) {
      noteSent();
      router.refresh();
    }
    return outcome;
  };
  const begin = useCallback((pin: Pin, typed?: NoteTyped) => {
    const note = emptyNote(pin);
    setBegun((known) => [...known, note]);
    lookAt(note.id);
    if (typed) setToPutIn({ noteId: note.id, words: typed.text, suggested: typed.suggested });
  }, []);
  const putIn = (words: string) => {
    const own = notes.find((note) => note.id === current && note.mine);
    if (own) setToPutIn({ noteId: own.id, words, suggested: null });
    else begin({ target: 'post', targetId: null, anchor: null }, { text: words, suggested: null });
  };
  const drop = async (id: string) => {
    const outcome: Outcome<unknown> = given.some((note) => note.id === id)
      ? await call(dropNote, { postId, noteId: id })
      : { ok: true, value: null };
    if (!outcome.ok && outcome.code !== 'notThere') return outcome;
    setGone((known) => new Set(known).add(id));
    void forgetUnsavedNote({ personId: reader.id, id, sealKey: reader.sealKey });
    router.refresh();
    return { ok: true, value: null } as const;
  };
  const settle = async (id: string, settled: boolean) => {
    const outcome = await call(settleNote, { postId, noteId: id, settled });
    if (outcome.ok) router.refresh();
    return outcome;
  };
  const flush = useCallback(async () => {
    const kept = await Promise.all([...flushes.current].map((one) => one()));
    return kept.every(Boolean);
  }, []);
  const join = useCallback((one: () => Promise<boolean>) => {
    flushes.current.add(one);
    return () => {
      flushes.current.delete(one);
    };
  }, []);
  return {
    of,
    notes,
    current,
    lookAt,
    unsent: notes.filter((note) => note.unsent && saysSomething(note)).length,
    send,
    sends,
    noteSent,
    begin,
    type: change,
    toPutIn,
    putIn,
    pinAgain: (id, anchor) => change(id, { anchor }),
    drop,
    settle,
    flush,
    join,
  };
}

function isAsBefore(note: NoteShown, { text = note.text, suggested = note.suggested }: Changed): boolean {
  return text === note.text && suggested === note.suggested;
}

function saysSomething({ text, suggested }: NoteShown): boolean {
  return text.trim() !== '' || suggested !== null;
}

function emptyNote(pin: Pin): NoteAtWork {
  return {
    ...pin,
    // Hexadecimal digits are some of those that our ids are made of.
    id: newKey().slice(0, 16),
    author: '',
    mine: true,
    when: '',
    text: '',
    suggested: null,
    sent: false,
    unsent: true,
    settled: false,
    version: 0,
    answers: [],
    leftOn: null,
  };
}
