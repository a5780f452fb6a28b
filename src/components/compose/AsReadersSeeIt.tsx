'use client';

import { useTranslations } from 'next-intl';
import { useId, useMemo, useState } from 'react';
import type { Audience } from '../../core/access/audience';
import { EYES, finds, type Eyes } from '../../core/access/eyes';
import { documentSchema } from '../../core/document/schema';
import { letteringProperties } from '../../core/looks/looks';
import { ReaderProse } from '../blog/ReaderProse';
import type { ComposeProps, Writing } from './composeProps';

interface AsReadersSeeItProps {
  readonly writing: Writing;
  readonly writer: ComposeProps['writer'];
  /** Whom the post reaches. */
  readonly audience: Audience;
}

const SIZES = ['page', 'phone'] as const;

/** The post as its readers will see it: by whose eyes, and on which screen. */
export function AsReadersSeeIt({ writing, writer, audience }: AsReadersSeeItProps) {
  const t = useTranslations('editor');
  const body = useMemo(() => documentSchema.nodeFromJSON(writing.body), [writing.body]);
  const [eyes, setEyes] = useState<Eyes>('classmate');
  const [size, setSize] = useState<(typeof SIZES)[number]>('page');
  return (
    <>
      <div className="mb-4 flex flex-wrap gap-x-6 gap-y-2 border-b border-line pb-3 text-[14.5px]">
        <Choice
          legend={t('seen.by')}
          of={EYES}
          value={eyes}
          words={(one) => t(`seen.eyes.${one}`)}
          onChoose={setEyes}
        />
        <Choice
          legend={t('seen.on')}
          of={SIZES}
          value={size}
          words={(one) => t(`seen.sizes.${one}`)}
          onChoose={setSize}
        />
      </div>
      <p className="mb-4 text-ink-2" role="status">
        {t(`seen.finds.${finds(eyes, audience)}`, { eyes, audience })}
      </p>
      <article
        className={size === 'phone' ? 'mx-auto w-[390px] max-w-full border-x border-line px-4' : ''}
        style={letteringProperties(writing.beside.lettering)}
      >
        <h1 className="post-title">{writing.title || t('untitled')}</h1>
        {writing.beside.subtitle ? (
          <p className="mb-3 font-read text-[19px] text-ink-2">{writing.beside.subtitle}</p>
        ) : null}
        <p className="mb-4 text-ink-2">
          {eyes === 'classmate' ? writer.nameInClass : writer.nameOutside}
          {writing.labels.length ? ` · ${writing.labels.join(', ')}` : ''}
        </p>
        <ReaderProse document={body} />
      </article>
    </>
  );
}

interface ChoiceProps<Value extends string> {
  readonly legend: string;
  readonly of: readonly Value[];
  readonly value: Value;
  readonly words: (value: Value) => string;
  readonly onChoose: (value: Value) => void;
}

function Choice<Value extends string>({ legend, of, value, words, onChoose }: ChoiceProps<Value>) {
  const name = useId();
  return (
    <fieldset className="flex flex-wrap items-center gap-4">
      <legend className="float-left mr-1 font-semibold">{legend}</legend>
      {of.map((one) => (
        <label key={one} className="flex items-center gap-1.5">
          <input type="radio" name={name} checked={value === one} onChange={() => onChoose(one)} />
          {words(one)}
        </label>
      ))}
    </fieldset>
  );
}
