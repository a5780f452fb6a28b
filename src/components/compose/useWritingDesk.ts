'use client';

import type { Editor } from '@tiptap/react';
import { useCallback, useMemo, useRef, useState } from 'react';
import type { Beside } from '../../core/posts/beside';
import type { Looking } from '../editor/addresses/LookingContext';
import type { CameInText } from '../basics/unsavedCopy';
import { forgetCame } from '../editor/schema/cameAtOnce';
import { useOpenResults } from '../editor/addresses/useOpenResults';
import { useBringIn, type BringIn } from '../editor/bringIn/useBringIn';
import { usePictureUpload, type PictureUpload } from '../editor/usePictureUpload';
import { useEditorAtWork } from '../editor/useEditorAtWork';
import { editorContent } from '../editor/useWritingEditor';
import type { ComposeProps, Writing } from './composeProps';
import { useSaving, type Saving } from './useSaving';
import { useUnsavedWords } from './useUnsavedWords';

/** A post at work: its text and what stands beside it, and everything that goes on while it is written. */
export interface WritingDesk {
  readonly editor: Editor | null;
  /** Whether what an earlier visit left on this device is in it by now. */
  readonly whole: boolean;
  readonly writing: Writing;
  readonly change: (part: Partial<Writing>) => void;
  readonly changeBeside: (part: Partial<Beside>) => void;
  /** Puts another version in the place of this one, without saving it. */
  readonly replaceBy: (writing: Writing) => void;
  readonly saving: Saving;
  readonly pictures: PictureUpload;
  readonly bringIn: BringIn;
  readonly looking: Looking;
  /** The stored text does not fit the editor: nothing may be saved over it. */
  readonly unfitting: boolean;
}

/** Holds a post that is being written together with its editor, its saving, its pictures and its addresses. */
export function useWritingDesk(props: ComposeProps): WritingDesk {
  const { post, assignment, writer, classId } = props;
  const [writing, setWriting] = useState<Writing>({
    title: post.title,
    labels: post.labels,
    beside: post.beside,
    body: post.body,
  });
  const latest = useRef(writing);
  const [unfitting, setUnfitting] = useState(false);
  const editorRef = useRef<Editor | null>(null);
  const onTold = useCallback((came: readonly CameInText[]) => {
    const told = came.map(({ id }) => id);
    const waits = latest.current.came?.filter(({ id }) => !told.includes(id)) ?? [];
    latest.current = { ...latest.current, came: waits };
    if (editorRef.current) forgetCame(editorRef.current.view, told);
  }, []);
  const saved = useSaving({
    personId: writer.id,
    postId: post.id,
    sealKey: writer.sealKey,
    version: post.version,
    savedAt: post.savedAt,
    first: writing,
    onTold,
  });
  const pictures = usePictureUpload(classId, props.hashes, assignment.pictureWidth);
  const change = useCallback(
    (part: Partial<Writing>) => {
      if (unfitting) return;
      latest.current = { ...latest.current, ...part };
      setWriting(latest.current);
      saved.change(latest.current);
    },
    [saved, unfitting],
  );
  const changeBeside = useCallback(
    (part: Partial<Beside>) => change({ beside: { ...latest.current.beside, ...part } }),
    [change],
  );
  // What a file says of itself stands for what is not there yet, and never in place of what somebody wrote.
  const onNamed = useCallback(
    (named: Pick<Writing, 'title' | 'labels'>) => {
      const { title, labels } = latest.current;
      change({
        title: title.trim() === '' ? named.title : title,
        labels: [...new Set([...labels, ...named.labels])],
      });
    },
    [change],
  );
  const bringIn = useBringIn({
    editor: editorRef,
    writingId: post.id,
    classId,
    addPicture: pictures.addBeside,
    onNamed,
  });
  const { editor, handOver } = useEditorAtWork(post.body, editorRef, {
    pictures,
    bringIn,
    onChange: (body, came) => change({ body, came }),
    onUnfitting: () => setUnfitting(true),
  });
  const hold = useCallback((chosen: Writing) => {
    latest.current = chosen;
    setWriting(chosen);
  }, []);
  // What was typed last is part of what is saved.
  const saving = useMemo(
    () => ({
      ...saved,
      flush: () => {
        handOver();
        return saved.flush();
      },
    }),
    [saved, handOver],
  );
  const whole = useUnsavedWords(editor, props, saving, hold);
  const looking = useOpenResults({
    writingId: post.id,
    classId,
    editor,
    body: writing.body,
    known: props.openResults,
  });
  const replaceBy = (chosen: Writing) => {
    handOver();
    hold(chosen);
    editor?.commands.setContent(editorContent(chosen.body), { emitUpdate: false });
  };
  return {
    editor,
    whole,
    writing,
    change,
    changeBeside,
    replaceBy,
    saving,
    pictures,
    bringIn,
    looking,
    unfitting,
  };
}
