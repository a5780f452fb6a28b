'use client';

import { useTranslations } from 'next-intl';
import { NOTE_TARGETS } from '../../core/notes/note';
import { NoteToWriter } from '../notes/NoteToWriter';
import { NotesBeside } from '../notes/NotesBeside';
import type { NoteAtWork, NotesAtWork } from '../notes/useNotes';
import { useRequirementName } from '../railing/RequirementLine';
import type { ReviewProps } from './reviewProps';
import type { Reading } from './useReading';

interface NotesOfReviewProps extends Pick<ReviewProps, 'requirements' | 'rubric' | 'writer'> {
  readonly work: NotesAtWork;
  readonly reading: Reading;
  readonly onPinAgain: (id: string) => void;
  /** Those alone that lost their place, or all others. */
  readonly lost?: boolean;
}

/** The notes of a hand-in beside its text. */
export function NotesOfReview({
  work,
  reading,
  writer,
  onPinAgain,
  lost = false,
  ...props
}: NotesOfReviewProps) {
  const t = useTranslations('notes');
  const aboutOf = useAbout(props);
  const { page, places } = reading;
  const passageOf = ({ id, anchor }: NoteAtWork) => {
    // Until the text was read, a passage is where it was.
    if (!page) return anchor?.quote ?? null;
    const place = places.get(id);
    return place ? page.text.slice(place.from, place.to) : null;
  };
  const show = (note: NoteAtWork) => (
    <NoteToWriter
      key={note.id}
      note={note}
      work={work}
      writer={writer.name}
      about={aboutOf(note)}
      passage={passageOf(note)}
      onPinAgain={() => onPinAgain(note.id)}
    />
  );
  if (lost)
    return (
      <section className="lost-notes" aria-label={t('lostOnes')}>
        {work.notes.filter((note) => isLost(note, reading)).map(show)}
      </section>
    );
  const shown = inOrder(
    work.notes.filter((note) => !isLost(note, reading)),
    reading,
  ).map((note) => ({ id: note.id, shown: show(note) }));
  return (
    <>
      <button
        type="button"
        className="act plum on-whole"
        onClick={() => work.begin({ target: 'post', targetId: null, anchor: null })}
      >
        {t('onWhole')}
      </button>
      <NotesBeside label={t('label')} notes={shown} text={page} />
    </>
  );
}

/** Whether the passage of a note is gone. */
export function isLost({ id }: NoteAtWork, { places }: Reading): boolean {
  return places.get(id) === null;
}

/** What a note is about where that is no passage. */
function useAbout({ requirements, rubric }: Pick<ReviewProps, 'requirements' | 'rubric'>) {
  const t = useTranslations('notes');
  const nameOf = useRequirementName();
  return ({ target, targetId }: NoteAtWork): string => {
    if (target === 'passage') return '';
    if (target === 'post') return t('aboutPost');
    if (target === 'picture') return t('aboutPicture');
    const requirement = requirements.find((one) => one.id === targetId);
    const criterion = rubric.find((one) => one.id === targetId);
    const name = target === 'requirement' ? requirement && nameOf(requirement) : criterion?.name;
    return t('about', { name: name ?? '' });
  };
}

/** Those that stand beside no passage first, then in the order of the text. */
function inOrder(notes: readonly NoteAtWork[], { places, page }: Reading): readonly NoteAtWork[] {
  const pictures = page ? pictureOrder(page.lines.map(({ element }) => element)) : new Map<string, number>();
  const rank = ({ id, target }: NoteAtWork): readonly [number, number] => {
    const place = places.get(id);
    if (place) return [1, place.from];
    const line = pictures.get(id);
    if (line !== undefined) return [1, page?.lines[line]?.from ?? 0];
    return [0, NOTE_TARGETS.indexOf(target)];
  };
  return notes.toSorted((one, another) => {
    const [a, b] = [rank(one), rank(another)];
    return a[0] - b[0] || a[1] - b[1];
  });
}

/** On which line the notes of pictures stand. */
function pictureOrder(elements: readonly Element[]): ReadonlyMap<string, number> {
  const found = new Map<string, number>();
  for (const [index, element] of elements.entries())
    if (element.tagName === 'FIGURE')
      for (const id of (element as HTMLElement).dataset['note']?.split(' ') ?? []) found.set(id, index);
  return found;
}
