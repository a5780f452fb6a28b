'use client';

import { EditorContent, type Editor } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import { useRef, useState, type ReactNode } from 'react';
import type { DocumentJson } from '../../core/document/openDocument';
import { LookingContext } from '../editor/addresses/LookingContext';
import { useOpenResults } from '../editor/addresses/useOpenResults';
import { BroughtInLine } from '../editor/bringIn/BroughtInLine';
import { useBringIn } from '../editor/bringIn/useBringIn';
import { ClassPictures } from '../editor/picture/ClassPictures';
import { WriterNameContext } from '../editor/picture/WriterNameContext';
import { putAfterBlock } from '../editor/putIn';
import { Tools } from '../editor/tools/Tools';
import { UploadLine } from '../editor/UploadLine';
import { useEditorAtWork } from '../editor/useEditorAtWork';
import { usePictureUpload } from '../editor/usePictureUpload';
import { HandoutLine } from './HandoutLine';
import { useHandouts } from './useHandouts';

export interface LessonDeskProps {
  readonly label: string;
  readonly body: DocumentJson;
  /** What it belongs to: an assignment or a page. */
  readonly writingId: string;
  readonly classId: string;
  /** BCP 47, such as `en-GB`. */
  readonly language: string;
  /** Who writes, as readers know them. */
  readonly writer: string;
  readonly onChange: (body: DocumentJson) => void;
  /** What stands above the text. */
  readonly children?: ReactNode;
}

const NOTHING_KNOWN = {};

/** The writing desk for what is given to read beside posts, such as instructions and pages: the tools and pictures of posts, and files to give out. */
export default function LessonDesk(props: LessonDeskProps) {
  const { label, body, writingId, classId, language, onChange } = props;
  const t = useTranslations('editor');
  const [choosing, setChoosing] = useState(false);
  const [unfitting, setUnfitting] = useState(false);
  const pictures = usePictureUpload(classId, NOTHING_KNOWN, 100);
  const editorRef = useRef<Editor | null>(null);
  const bringIn = useBringIn({
    editor: editorRef,
    writingId,
    classId,
    addPicture: pictures.addBeside,
  });
  const { editor } = useEditorAtWork(body, editorRef, {
    label,
    pictures,
    bringIn,
    onChange: (changed) => (unfitting ? undefined : onChange(changed)),
    onUnfitting: () => setUnfitting(true),
  });
  const looking = useOpenResults({ writingId, classId, editor, body, known: NOTHING_KNOWN });
  const handouts = useHandouts(classId, (attrs) => {
    if (editorRef.current)
      putAfterBlock(editorRef.current, [{ type: 'attachment', attrs }, { type: 'paragraph' }], 2);
  });
  return (
    <LookingContext value={looking}>
      <WriterNameContext value={props.writer}>
        {editor ? (
          <Tools
            editor={editor}
            language={language}
            onPictures={() => setChoosing(true)}
            onDocument={bringIn.open}
            onHandout={handouts.bring}
          />
        ) : (
          <div className="tools" aria-hidden="true" />
        )}
        <div className="overflow-auto px-6 py-5">
          <div className="mx-auto max-w-[680px]">
            {unfitting ? (
              <p className="problem mb-4" role="alert">
                {t('unfitting')}
              </p>
            ) : null}
            {props.children}
            <BroughtInLine bringIn={bringIn} doc={editor?.state.doc ?? null} />
            <UploadLine pictures={pictures} />
            <HandoutLine {...handouts} />
            <EditorContent editor={editor} />
          </div>
        </div>
        {editor ? (
          <ClassPictures
            editor={editor}
            pictures={pictures}
            open={choosing}
            onClose={() => setChoosing(false)}
            firstWidth={100}
          />
        ) : null}
      </WriterNameContext>
    </LookingContext>
  );
}
