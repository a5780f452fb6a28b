import { useTranslations } from 'next-intl';
import type { NoteShown } from '../../contract/notes/noteShown';

/** What teachers wrote to the writer; only the writer and the teachers see it. */
export function NotesInMargin({ notes }: { readonly notes: readonly NoteShown[] }) {
  const t = useTranslations('notes');
  if (notes.length === 0) return null;
  return (
    <ul aria-label={t('label')}>
      {notes.map((note) => (
        <li key={note.id} className="note">
          <b>
            {note.author}, {note.when}
          </b>
          <p className="either-way">{note.text}</p>
        </li>
      ))}
    </ul>
  );
}
