'use client';

import type { Editor } from '@tiptap/react';
import { EditorContent } from '@tiptap/react';
import { ArrowLeft } from 'lucide-react';
import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Audience } from '../../core/access/audience';
import type { DocumentJson } from '../../core/document/openDocument';
import { call } from '../basics/call';
import { useNonce } from '../basics/NonceContext';
import { useRefusal } from '../basics/useRefusal';
import { LookingContext } from './addresses/LookingContext';
import { useOpenResults } from './addresses/useOpenResults';
import { AsReadersSeeIt } from './AsReadersSeeIt';
import { BroughtInLine } from './bringIn/BroughtInLine';
import { useBringIn } from './bringIn/useBringIn';
import { BranchBanner } from './BranchBanner';
import type { ComposeProps, Writing } from './composeProps';
import { GradeGivenBack } from './GradeGivenBack';
import { ClassPictures } from './picture/ClassPictures';
import { WriterNameContext } from './picture/WriterNameContext';
import { NotesInMargin } from './NotesInMargin';
import { SaveLine } from './SaveLine';
import { Tools } from './tools/Tools';
import { findUnsaved } from './unsavedCopy';
import { UploadLine } from './UploadLine';
import { usePictureUpload } from './usePictureUpload';
import { useAnswer } from './useAnswer';
import { useOtherPages } from './useOtherPages';
import { useSaving } from './useSaving';
import { editorContent, useWritingEditor } from './useWritingEditor';
import { WritingRailing } from './WritingRailing';

/** The writing desk: the text, the railing that fills as it is written, and the gate. */
export function Compose(props: ComposeProps) {
  const { post, assignment, writer, classId, classWords } = props;
  const t = useTranslations('editor');
  const refusal = useRefusal();
  const router = useRouter();
  const nonce = useNonce();
  const [writing, setWriting] = useState<Writing>({
    title: post.title,
    labels: post.labels,
    beside: post.beside,
    body: post.body,
  });
  const latest = useRef(writing);
  const [asReaders, setAsReaders] = useState(false);
  const [unfitting, setUnfitting] = useState(false);
  const [audience, setAudience] = useState<Audience>(props.readers.audience);
  const [handingIn, setHandingIn] = useState(false);
  const [problem, setProblem] = useState('');
  const [choosing, setChoosing] = useState(false);
  const saving = useSaving({
    personId: writer.id,
    postId: post.id,
    version: post.version,
    savedAt: post.savedAt,
  });
  const pictures = usePictureUpload(classId, props.hashes, assignment.pictureWidth);

  const change = useCallback(
    (part: Partial<Writing>) => {
      if (unfitting) return;
      latest.current = { ...latest.current, ...part };
      setWriting(latest.current);
      saving.change(latest.current);
    },
    [saving, unfitting],
  );
  const editorRef = useRef<Editor | null>(null);
  const addFiles = useCallback(
    (files: readonly File[]) => {
      if (editorRef.current && files.length) void pictures.add(editorRef.current, files);
    },
    [pictures],
  );
  const bringIn = useBringIn({
    editor: editorRef,
    postId: post.id,
    classId,
    addPicture: pictures.addBeside,
  });
  const editor = useWritingEditor({
    body: post.body,
    label: t('textLabel'),
    nonce,
    shut: { private: t('opens.private'), missing: t('opens.missing') },
    hints: {
      body: t('hints.body'),
      caption: t('hints.caption'),
      credit: t('hints.credit'),
      quoteSource: t('hints.quoteSource'),
    },
    onChange: (current) => change({ body: current.getJSON() as DocumentJson }),
    onUnfitting: () => setUnfitting(true),
    onFiles: addFiles,
    onForeign: bringIn.paste,
    onDocument: bringIn.open,
  });
  useEffect(() => {
    editorRef.current = editor;
  }, [editor]);
  useUnsavedWords(editor, props, saving, (restored) => {
    latest.current = restored;
    setWriting(restored);
  });

  const others = useOtherPages(post.id);
  const looking = useOpenResults({
    postId: post.id,
    classId,
    editor,
    body: writing.body,
    known: props.openResults,
  });
  const answer = useAnswer({
    assignment,
    writing,
    hashes: pictures.hashes,
    openResults: looking.results,
    classWords,
  });

  const handIn = async () => {
    setHandingIn(true);
    setProblem('');
    const saved = await saving.flush();
    const outcome = saved
      ? await call<{ receipt: number }>('handIn', { postId: post.id, version: saving.currentVersion() })
      : ({ ok: false, code: 'post.notSaved' } as const);
    if (outcome.ok) router.push(`/writing/${post.id}/receipt`);
    else {
      setProblem(refusal(outcome));
      setHandingIn(false);
    }
  };
  const chooseAudience = async (chosen: Audience) => {
    const outcome = await call('narrowAudience', { postId: post.id, audience: chosen });
    if (outcome.ok) setAudience(chosen);
    else setProblem(refusal(outcome));
  };
  const replaceBy = (chosen: Writing) => {
    latest.current = chosen;
    setWriting(chosen);
    editor?.commands.setContent(editorContent(chosen.body), { emitUpdate: false });
  };

  return (
    <LookingContext value={looking}>
      <WriterNameContext value={writer.nameOutside}>
        <div className="head no-print">
          <Link className="back" href="/writing">
            <ArrowLeft aria-hidden="true" size={17} />{' '}
            <span className="sr-only sm:not-sr-only">{t('myWriting')}</span>
          </Link>
          <p>
            <b>{assignment.title}</b>
            <span className="hidden sm:inline">, {t('assignmentNumber', { number: assignment.number })}</span>
            {props.due.when ? <span> · {t('due', { when: props.due.when })}</span> : null}
          </p>
          <button
            type="button"
            role="switch"
            aria-checked={asReaders}
            className="latch"
            onClick={() => setAsReaders(!asReaders)}
          >
            <span className={asReaders ? '' : 'on'}>{t('writing')}</span>
            <i aria-hidden="true" />
            <span className={asReaders ? 'on' : ''}>{t('asReaders')}</span>
          </button>
        </div>
        {editor && !asReaders ? (
          <Tools editor={editor} onPictures={() => setChoosing(true)} onDocument={bringIn.open} />
        ) : (
          <div className="tools" aria-hidden="true" />
        )}
        <main className="leafpage" id="main">
          <div className="spread">
            <aside className="margin-start" aria-label={t('instructions')}>
              <details open className="hidden sm:block">
                <summary className="cursor-pointer font-semibold">{t('whatIsAsked')}</summary>
                <p className="mt-2 whitespace-pre-wrap text-ink-2">{assignment.instructions}</p>
              </details>
            </aside>
            <div className="sheet-text">
              <SaveLine
                state={saving.state}
                stage={post.stage}
                readers={props.readers}
                postId={post.id}
                classCode={props.classCode}
                onSignedIn={() => void saving.flush()}
              />
              {others > 0 ? (
                <p className="mb-3 border-l-4 border-amber pl-3 no-print" role="status">
                  {t('otherPages', { count: others })}
                </p>
              ) : null}
              {props.opened.map((one) => (
                <p key={one.when + one.teacher} className="mb-3 border-l-4 border-plum pl-3">
                  {t('openedForSafety', one)}
                </p>
              ))}
              {unfitting ? (
                <p className="problem mb-4" role="alert">
                  {t('unfitting')}
                </p>
              ) : null}
              {saving.state.kind === 'branched' ? (
                <BranchBanner
                  mine={writing}
                  theirs={saving.state.theirs}
                  onChoose={(chosen) => {
                    if (saving.state.kind !== 'branched') return;
                    replaceBy(chosen);
                    saving.settle(saving.state.version);
                    saving.change(chosen);
                  }}
                />
              ) : null}
              <BroughtInLine bringIn={bringIn} doc={editor?.state.doc ?? null} />
              <UploadLine pictures={pictures} />
              {asReaders ? (
                <AsReadersSeeIt writing={writing} writerName={writer.nameOutside} />
              ) : (
                <>
                  <textarea
                    className="post-title mb-2 block w-full resize-none overflow-hidden bg-transparent [field-sizing:content]"
                    aria-label={t('titleLabel')}
                    placeholder={t('titleHint')}
                    rows={1}
                    maxLength={300}
                    value={writing.title}
                    onChange={(event) => change({ title: event.target.value.replace(/\n/g, ' ') })}
                    onKeyDown={(event) => {
                      if (event.key !== 'Enter') return;
                      event.preventDefault();
                      editor?.commands.focus('start');
                    }}
                  />
                  <input
                    className="mb-4 w-full bg-transparent font-read text-[19px] text-ink-2"
                    aria-label={t('subtitle')}
                    placeholder={t('subtitle')}
                    maxLength={300}
                    value={writing.beside.subtitle}
                    onChange={(event) =>
                      change({ beside: { ...latest.current.beside, subtitle: event.target.value } })
                    }
                  />
                  <EditorContent editor={editor} />
                </>
              )}
            </div>
            <aside className="margin-end" aria-label={t('fromTeachers')}>
              {props.grade ? <GradeGivenBack {...props.grade} /> : null}
              <NotesInMargin notes={props.notes} />
            </aside>
          </div>
        </main>
        {editor ? (
          <WritingRailing
            answer={answer}
            assignment={assignment}
            writer={writer}
            editor={editor}
            title={writing.title}
            labels={writing.labels}
            setTitle={(title) => change({ title })}
            setLabels={(labels) => change({ labels })}
            beside={writing.beside}
            setBeside={(part) => change({ beside: { ...latest.current.beside, ...part } })}
            addPictureBeside={pictures.addBeside}
            addPictures={() => setChoosing(true)}
            gate={{
              readers: { ...props.readers, audience },
              writer,
              teachers: props.teachers,
              due: props.due,
              handIns: post.handIns,
              busy: handingIn,
              problem,
              onHandIn: () => void handIn(),
              onAudience: (chosen) => void chooseAudience(chosen),
            }}
          />
        ) : (
          <footer className="railing min-h-[110px]" aria-busy="true" />
        )}
        {editor ? (
          <ClassPictures
            editor={editor}
            pictures={pictures}
            open={choosing}
            onClose={() => setChoosing(false)}
            firstWidth={assignment.pictureWidth}
          />
        ) : null}
      </WriterNameContext>
    </LookingContext>
  );
}

/** Words that an earlier visit left on this device come back into the page, and are saved from the version they were written on. */
function useUnsavedWords(
  editor: Editor | null,
  { post, writer }: ComposeProps,
  saving: ReturnType<typeof useSaving>,
  onRestored: (writing: Writing) => void,
): void {
  const looked = useRef(false);
  useEffect(() => {
    if (!editor || looked.current) return;
    looked.current = true;
    void findUnsaved(writer.id, post.id).then((kept) => {
      if (!kept || editor.isDestroyed) return;
      editor.commands.setContent(editorContent(kept.writing.body), { emitUpdate: false });
      onRestored(kept.writing);
      saving.settle(kept.version);
      saving.change(kept.writing);
    });
  }, [editor, onRestored, post.id, saving, writer.id]);
}
