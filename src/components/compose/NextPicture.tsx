'use client';

import { pictureAddress } from '../../core/document/pictureAddress';
import { useTranslations } from 'next-intl';
import type { Editor } from '@tiptap/react';
import type { ReactNode } from 'react';
import type { Place, RequirementAnswer } from '../../core/requirements/answer';
import { creditPicture, keptPicture } from '../editor/atPlace';
import { goTo } from '../editor/goTo';
import type { TrayContentProps } from './trays/trayProps';

/** What can be done about the next thing at once, asked as a question. */
export interface Asked {
  readonly question: string;
  readonly answers: ReactNode;
}

/** The question that the next thing asks; null where there is more to do than to answer one. */
export function useAsked(
  next: RequirementAnswer | undefined,
  { editor, writer }: Pick<TrayContentProps, 'editor' | 'writer'>,
): Asked | null {
  const t = useTranslations('railing.nextPicture');
  const place = next?.kind === 'pictures' ? next.places.find((one) => one.reason === 'credit') : undefined;
  if (!place) return null;
  return {
    question: t('who'),
    answers: <NextPicture editor={editor} place={place} name={writer.nameOutside} />,
  };
}

interface NextPictureProps {
  readonly editor: Editor;
  /** A picture without a credit. */
  readonly place: Place;
  /** What the writer is called in a credit. */
  readonly name: string;
}

/** Asks who took a picture, where it can be said with one press. */
function NextPicture({ editor, place, name }: NextPictureProps) {
  const t = useTranslations('railing.nextPicture');
  const src = keptPicture(editor, place.from);
  return (
    <>
      {src ? (
        <img
          src={pictureAddress(src, 480)}
          alt={t('picture')}
          className="hidden h-12 w-[72px] rounded-[3px] object-cover sm:block"
        />
      ) : null}
      <button type="button" className="btn !py-1.5" onClick={() => creditPicture(editor, place, name)}>
        {t('iTookIt')}
      </button>
      <button type="button" className="btn !py-1.5" onClick={() => goTo(editor, place)}>
        {t('somebodyElse')}
      </button>
    </>
  );
}
