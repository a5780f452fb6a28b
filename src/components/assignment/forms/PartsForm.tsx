'use client';

import { useTranslations } from 'next-intl';
import { useState } from 'react';
import { linesOf } from '../../../core/text/lines';
import type { RequirementFormProps } from './formProps';
import { useIsRead } from './isRead';
import { AskedFills } from './LimitFill';

interface Heading {
  readonly text: string;
  readonly minWords?: number;
}

/** The headings that a post is built of, a line each; a number at the end of a line asks for so many words. */
export function PartsForm({ requirement, change }: RequirementFormProps) {
  const t = useTranslations('requirements.parts.form');
  const headings = (requirement['headings'] as readonly Heading[] | undefined) ?? [];
  const [typed, setTyped] = useState(() =>
    headings.map(({ text, minWords }) => (minWords ? `${text} ${minWords}` : text)).join('\n'),
  );
  const isRead = useIsRead();
  return (
    <>
      {' '}
      {t.rich('headings', {
        fill: () => (
          <b className="at-rest">
            {headings.map(({ text, minWords = 0 }) => t('told', { text, words: minWords })).join(', ') || '…'}
          </b>
        ),
      })}
      {isRead ? null : (
        <span className="at-work">
          <textarea
            className="field my-1 min-h-24 leading-normal [field-sizing:content]"
            aria-label={t('headingsLabel')}
            value={typed}
            maxLength={4000}
            onChange={(event) => {
              setTyped(event.target.value);
              change({ headings: readHeadings(event.target.value) });
            }}
          />
          <span className="block text-[13.5px] leading-snug text-ink-2">{t('headingsHint')}</span>
        </span>
      )}
      <AskedFills requirement={requirement} settings={['inOrder']} change={change} />
    </>
  );
}

function readHeadings(lines: string): readonly Heading[] {
  return linesOf(lines).map((line) => {
    const [, text = line, words] = /^(.*\D)\s+(\d{1,5})$/.exec(line) ?? [];
    return words === undefined ? { text: line } : { text: text.trim(), minWords: Number(words) };
  });
}
