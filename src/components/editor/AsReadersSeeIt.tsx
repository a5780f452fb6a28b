'use client';

import { useTranslations } from 'next-intl';
import { useMemo } from 'react';
import { documentSchema } from '../../core/document/schema';
import { ReaderProse } from '../blog/ReaderProse';
import type { Writing } from './composeProps';

/** The post as its readers will see it. */
export function AsReadersSeeIt({
  writing,
  writerName,
}: {
  readonly writing: Writing;
  readonly writerName: string;
}) {
  const t = useTranslations('editor');
  const body = useMemo(() => documentSchema.nodeFromJSON(writing.body), [writing.body]);
  return (
    <article>
      <h1 className="post-title">{writing.title || t('untitled')}</h1>
      {writing.beside.subtitle ? (
        <p className="mb-3 font-read text-[19px] text-ink-2">{writing.beside.subtitle}</p>
      ) : null}
      <p className="mb-4 text-ink-2">
        {writerName}
        {writing.labels.length ? ` · ${writing.labels.join(', ')}` : ''}
      </p>
      <ReaderProse document={body} />
    </article>
  );
}
