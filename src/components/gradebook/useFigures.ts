'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { keepFigures, type TakenCell } from '../../contract/gradebook/keepFigures';
import { call } from '../basics/call';
import { useRefusal } from '../basics/useRefusal';
import { keyOf, type CellKey } from './cells';

/** A figure that goes into a cell in place of another. */
export interface Change extends CellKey {
  readonly figure: number | null;
  readonly was: number | null;
}

/** So many cells go with one deed. */
const MOST_AT_ONCE = 5000;

/** What was typed and is not in the page's data yet. */
interface Typed {
  readonly change: Change;
  readonly state: 'onItsWay' | 'kept' | 'notKept' | 'taken';
}

export interface Figures {
  /** What was typed into a cell, by its key, where the page's data does not have it yet. */
  readonly typed: ReadonlyMap<string, Typed>;
  /** Cells in which another teacher typed something meanwhile. */
  readonly taken: readonly TakenCell[];
  readonly problem: string;
  readonly keep: (changes: readonly Change[]) => void;
  /** Sends again what could not be kept. */
  readonly again: () => void;
  /** Takes back what was typed last, as far as it was kept, once it is known whether it was. */
  readonly undo: () => void;
  /** Of a cell that somebody else typed in: keeps theirs, or types one's own over it. */
  readonly settle: (cell: TakenCell, mine: boolean) => void;
}

/**
 * Figures that are typed into own columns: each stands in its cell at once, is sent at once, and says so until it is kept. What was
 * typed is there until the page's data has it, or somebody says otherwise.
 * @param at tells what the page's data has in a cell
 */
export function useFigures(classId: string, at: (key: CellKey) => number | null): Figures {
  const router = useRouter();
  const refusal = useRefusal();
  const [typed, setTyped] = useState<ReadonlyMap<string, Typed>>(new Map());
  const [taken, setTaken] = useState<readonly TakenCell[]>([]);
  /** What can be undone, and what is on its way until then. */
  const done = useRef<(readonly Change[])[]>([]);
  const going = useRef<Promise<unknown>>(Promise.resolve());
  const [problem, setProblem] = useState('');
  const waiting = [...typed.values()].filter(({ state }) => state === 'onItsWay' || state === 'notKept');
  const open = waiting.length > 0;
  useEffect(() => {
    if (!open) return undefined;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    addEventListener('beforeunload', ask);
    return () => removeEventListener('beforeunload', ask);
  }, [open]);

  const mark = (changes: readonly Change[], state: Typed['state']) =>
    setTyped((before) => {
      const after = new Map(before);
      for (const [key, one] of after)
        if (one.state === 'kept' && at(one.change) === one.change.figure) after.delete(key);
      for (const change of changes) after.set(keyOf(change), { change, state });
      return after;
    });
  const send = async (changes: readonly Change[], undoable: boolean) => {
    if (changes.length === 0) return;
    // More than a deed takes at once go one after the other.
    if (changes.length > MOST_AT_ONCE) {
      await send(changes.slice(0, MOST_AT_ONCE), undoable);
      await send(changes.slice(MOST_AT_ONCE), undoable);
      return;
    }
    mark(changes, 'onItsWay');
    const outcome = await call(keepFigures, { classId, cells: [...changes] });
    if (!outcome.ok) {
      mark(changes, 'notKept');
      setProblem(refusal(outcome));
      return;
    }
    const theirs = new Set(outcome.value.taken.map(keyOf));
    const mine = changes.filter((change) => !theirs.has(keyOf(change)));
    mark(mine, 'kept');
    mark(
      changes.filter((change) => theirs.has(keyOf(change))),
      'taken',
    );
    setProblem('');
    setTaken((before) => [
      ...before.filter((cell) => !changes.some((change) => keyOf(change) === keyOf(cell))),
      ...outcome.value.taken,
    ]);
    if (undoable && mine.length > 0) done.current.push(mine);
    router.refresh();
  };
  const keep = (changes: readonly Change[]) => {
    going.current = Promise.all([going.current, send(changes, true)]);
  };
  const undoLast = async () => {
    const last = done.current.pop();
    if (last)
      await send(
        last.map(({ figure, was, ...cell }) => ({ ...cell, figure: was, was: figure })),
        false,
      );
  };
  return {
    typed,
    taken,
    problem,
    keep: (changes) =>
      keep(
        changes.map((change) => {
          const before = typed.get(keyOf(change));
          // What never reached the server does not stand there.
          return before?.state === 'notKept' ? { ...change, was: before.change.was } : change;
        }),
      ),
    again: () => keep(waiting.filter(({ state }) => state === 'notKept').map(({ change }) => change)),
    undo: () => {
      going.current = going.current.then(undoLast);
    },
    settle: (cell, mine) => {
      const own = typed.get(keyOf(cell))?.change;
      setTaken((before) => before.filter((one) => keyOf(one) !== keyOf(cell)));
      setTyped((before) => {
        const after = new Map(before);
        after.delete(keyOf(cell));
        return after;
      });
      if (mine && own) keep([{ ...own, was: cell.figure }]);
      else router.refresh();
    },
  };
}
