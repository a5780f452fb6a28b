import { useTranslations } from 'next-intl';
import type { NoteShown } from '../../contract/notes/noteShown';
import { NoteAnswers } from '../notes/NoteAnswers';

/** What teachers wrote to the writer, to be read alone; only the writer and the teachers see it. */
export function NotesInMargin({ notes }: { readonly notes: readonly NoteShown[] }) {
  const t = useTranslations('notes');
  if (notes.length === 0) return null;
  return (
    <ul aria-label={t('label')}>
      {notes.map((note) => (
        <li key={note.id} className="note">
          <b>{t('byOn', { author: note.author, when: note.when })}</b>
          {note.anchor ? (
            <p className="lost">
              {t('wasAbout')} <q dir="auto">{note.anchor.quote}</q>
            </p>
          ) : null}
          <p className="either-way">{note.text}</p>
          <NoteAnswers answers={note.answers} writer={null} />
        </li>
      ))}
    </ul>
  );
}
