'use client';

import type { Editor } from '@tiptap/react';
import { useTranslations } from 'next-intl';
import { useCallback, useState } from 'react';
import { LookingContext } from '../editor/addresses/LookingContext';
import { GradeGivenBack } from '../feedback/GradeGivenBack';
import { NotesInMargin } from '../feedback/NotesInMargin';
import { WriterNameContext } from '../editor/picture/WriterNameContext';
import { SpellingBubble } from './SpellingBubble';
import { useSpelt } from '../editor/spelling/useSpelt';
import { LinkBubble } from '../editor/tools/LinkBubble';
import { Tools } from '../editor/tools/Tools';
import { ComposeHead } from './ComposeHead';
import type { ComposeProps } from './composeProps';
import { useAnswer } from './useAnswer';
import { useAtPost } from './useAtPost';
import { useDeskKeys } from './useDeskKeys';
import { useHandIn } from './useHandIn';
import { useHeadHistory } from './useHeadHistory';
import { useWritingDesk } from './useWritingDesk';
import { WhatGoesOn } from './WhatGoesOn';
import { WhatIsAsked } from './WhatIsAsked';
import { SentBack } from './SentBack';
import { WritingRailing } from './WritingRailing';
import { WritingSheet } from './WritingSheet';
import { onDemand } from '../basics/onDemand';

const AsReadersSeeIt = onDemand(async () => (await import('./AsReadersSeeIt')).AsReadersSeeIt);

const NotesToAnswer = onDemand(
  async () => (await import('../notes/NotesToAnswer')).NotesToAnswer,
  NotesInMargin,
);

const PeerBeside = onDemand(async () => (await import('../peerReading/PeerBeside')).PeerBeside);
const AskAndAnswers = onDemand(async () => (await import('../questions/AskAndAnswers')).AskAndAnswers);

const ClassPictures = onDemand(async () => (await import('../editor/picture/ClassPictures')).ClassPictures);

/** What is marked in the text, as plain words. */
function markedIn(editor: Editor | null): string {
  if (!editor) return '';
  const { from, to } = editor.state.selection;
  return editor.state.doc.textBetween(from, to, ' ').trim();
}

/** The writing desk: the text, the railing that fills as it is written, and the gate. */
export function Compose(props: ComposeProps) {
  const { post, assignment, writer } = props;
  const t = useTranslations('editor');
  const [asReaders, setAsReaders] = useState(false);
  const [choosing, setChoosing] = useState(false);
  const [source, setSource] = useState(false);
  const [spelt, setSpelt] = useSpelt();
  const desk = useWritingDesk(props);
  const openPictures = useCallback(() => setChoosing(true), []);
  const { editor, writing, change, changeBeside, pictures } = desk;
  useDeskKeys(editor, openPictures);
  const history = useHeadHistory(desk);
  const gate = useHandIn(props, desk);
  const { others, peers } = useAtPost(post.id, props);
  const { answer, misspelt, suggest } = useAnswer({
    spelt,
    assignment,
    writing,
    hashes: pictures.hashes,
    openResults: desk.looking.results,
    classWords: props.classWords,
  });
  return (
    <LookingContext value={desk.looking}>
      <WriterNameContext value={writer.nameOutside}>
        <ComposeHead {...props} asReaders={asReaders} onTurn={() => setAsReaders(!asReaders)} />
        <section className="contents" aria-label={t('toolsOf')}>
          {editor && !asReaders ? (
            <Tools
              editor={editor}
              onPictures={() => setChoosing(true)}
              onDocument={desk.bringIn.open}
              onSource={() => setSource(true)}
              language={assignment.language}
              few={props.oneNextThing}
              history={history}
              spelling={{ on: spelt, onTurn: setSpelt }}
              lettering={{
                chosen: writing.beside.lettering,
                onChoose: (lettering) => changeBeside({ lettering }),
              }}
            />
          ) : (
            <div className="tools" aria-hidden="true" />
          )}
        </section>
        <main className="leafpage" id="main">
          <h1 className="sr-only">{writing.title.trim() || assignment.title}</h1>
          <div className="spread">
            <aside className="margin-start" aria-label={t('instructions')}>
              {peers === null ? null : <PeerBeside assignmentId={assignment.id} news={peers} />}
              <WhatIsAsked editor={editor} body={writing.body} assignment={assignment} />
              {props.questions ? (
                <AskAndAnswers questions={props.questions} postId={post.id} marked={() => markedIn(editor)} />
              ) : null}
            </aside>
            <div className="sheet-text">
              <WhatGoesOn {...props} desk={desk} latePress={gate.latePress} others={others} />
              {asReaders ? (
                <AsReadersSeeIt writing={writing} writer={writer} audience={gate.audience} />
              ) : (
                <WritingSheet
                  desk={desk}
                  assignment={assignment}
                  history={history}
                  source={source}
                  onLeaveSource={() => setSource(false)}
                />
              )}
              {editor && !asReaders && !source ? <LinkBubble editor={editor} /> : null}
              {editor && spelt && !asReaders && !source ? (
                <SpellingBubble editor={editor} misspelt={misspelt} body={writing.body} suggest={suggest} />
              ) : null}
            </div>
            <aside className="margin-end" aria-label={t('fromTeachers')}>
              {props.grade ? <GradeGivenBack {...props.grade} /> : null}
              {props.sentBack ? <SentBack {...props.sentBack} /> : null}
              {asReaders ? null : <NotesToAnswer postId={post.id} notes={props.notes} editor={editor} />}
            </aside>
          </div>
        </main>
        {editor && answer ? (
          <>
            <WritingRailing
              work={{
                assignment,
                writer,
                editor,
                title: writing.title,
                labels: writing.labels,
                beside: writing.beside,
                setTitle: (title) => change({ title }),
                setLabels: (labels) => change({ labels }),
                setBeside: changeBeside,
                addPictureBeside: pictures.addBeside,
                addPictures: () => setChoosing(true),
              }}
              answer={answer}
              oneNextThing={props.oneNextThing}
              counting={props.counting}
              gate={{
                readers: { ...props.readers, audience: gate.audience },
                writer,
                teachers: props.teachers,
                typing: props.typing,
                due: props.due,
                steps: props.steps,
                handIns: post.handIns,
                place: { ...props.place, postId: post.id, title: writing.title },
                busy: gate.busy,
                problem: gate.problem,
                onHandIn: () => void gate.handIn(),
                onAudience: (chosen) => void gate.chooseAudience(chosen),
              }}
            />
            <ClassPictures
              editor={editor}
              pictures={pictures}
              open={choosing}
              onClose={() => setChoosing(false)}
              firstWidth={assignment.pictureWidth}
            />
          </>
        ) : (
          <footer className="railing min-h-[110px]" aria-busy="true" />
        )}
      </WriterNameContext>
    </LookingContext>
  );
}
