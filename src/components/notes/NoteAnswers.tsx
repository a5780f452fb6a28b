import { useTranslations } from 'next-intl';
import type { NoteAnswerShown } from '../../contract/notes/noteShown';

interface NoteAnswersProps {
  readonly answers: readonly NoteAnswerShown[];
  /** Null where who looks is the writer. */
  readonly writer: string | null;
  /** The passage as it was and as it is now, where it is another one. */
  readonly mended?: { readonly before: string; readonly after: string } | null;
}

/** What the writer said to a note, and what became of its passage since. */
export function NoteAnswers({ answers, writer, mended = null }: NoteAnswersProps) {
  const t = useTranslations('notes');
  return (
    <>
      {answers.map((answer, index) => (
        <div key={index} className="said">
          <b>
            {writer === null
              ? t(answer.done ? 'youSaidDone' : 'youSaid', { when: answer.when })
              : t(answer.done ? 'saidDone' : 'said', { writer, when: answer.when })}
          </b>
          {answer.text ? <p dir="auto">{answer.text}</p> : null}
        </div>
      ))}
      {mended ? (
        <div className="mended">
          <p>
            {t('then')} <q dir="auto">{mended.before}</q>
          </p>
          <p>
            {t('now')} <q dir="auto">{mended.after}</q>
          </p>
        </div>
      ) : null}
    </>
  );
}
