'use client';

import { Globe } from 'lucide-react';
import { useFormatter, useTranslations } from 'next-intl';
import { useState, type ReactNode } from 'react';
import { goesBeyondClass } from '../../../core/access/audience';
import { AudienceSelect } from '../../basics/AudienceSelect';
import { PostAddress } from '../trays/PostAddress';
import type { GateTrayProps } from './gateProps';
import { OwnDetails } from './OwnDetails';

interface Stage {
  readonly key: 'now' | 'handIn' | 'accepted' | 'opened';
  readonly words: string;
  readonly whom: ReactNode;
}

/** Who can read the post now, once it is handed in, and at last; and a way to let fewer people read it. */
export function WhoReads({ readers, writer, teachers, typing, place, onAudience }: GateTrayProps) {
  const t = useTranslations('gate.readers');
  const awayWords = useTranslations('awayWords');
  const format = useFormatter();
  const name = writer.nameInClass;
  const names = format.list(teachers.map((teacher) => teacher.name));
  const atHandIn = readers.release === 'handIn' && readers.audience !== 'writerAndTeachers';
  const all = [writer.monogram, ...teachers.map((one) => one.monogram)];
  const [lets, setLets] = useState(false);
  const outside = (audience: typeof readers.audience) =>
    t(`audience.${audience}`, { name: writer.nameOutside });
  const stages: readonly Stage[] = [
    {
      key: 'now',
      words: [
        readers.away
          ? awayWords('writer')
          : readers.now
            ? outside(readers.now)
            : typing?.mine
              ? t('writerAndYou', { name })
              : t(readers.draftsOpen ? 'teachersLookIn' : 'onlyYou'),
        readers.readBy ? t('wasRead', readers.readBy) : '',
      ].join(' '),
      whom: readers.now ? null : <People monograms={readers.draftsOpen ? all : [writer.monogram]} />,
    },
    {
      key: 'handIn',
      words: [
        typing?.mine
          ? t(atHandIn ? 'writerTeachersAndClass' : 'writerAndTeachers', { name, names })
          : t(atHandIn ? 'youTeachersAndClass' : 'youAndTeachers', { names }),
        readers.hidesNames ? t('withoutName') : '',
        readers.originSaid && !typing?.mine ? t('originSaid') : '',
      ].join(' '),
      whom: <People monograms={all} />,
    },
    ...(readers.audience === 'writerAndTeachers'
      ? []
      : [
          {
            key: readers.release === 'opened' ? ('opened' as const) : ('accepted' as const),
            words: outside(readers.audience),
            whom:
              readers.audience === 'everyone' ? (
                <>
                  <Globe aria-hidden="true" size={16} className="flex-none" />
                  {t(readers.found ? 'found' : 'notFound')}
                </>
              ) : null,
          },
        ]),
  ];
  return (
    <section>
      <h2>{t('title')}</h2>
      <ol className="reach">
        {stages.map((stage, index) => (
          <li key={stage.key} className={index === 0 ? 'reached' : ''}>
            <span className="text-[14px] text-ink-2">{t(`when.${stage.key}`)}</span>
            <span>{stage.words}</span>
            {stage.whom ? <span className="people">{stage.whom}</span> : null}
          </li>
        ))}
      </ol>
      {goesBeyondClass(readers.audience) ? <OwnDetails postId={place.postId} /> : null}
      <div className="mt-auto grid gap-2">
        {lets ? (
          <label className="grid gap-1 text-[14px]">
            <span className="font-semibold text-porch">{t('fewer')}</span>
            <AudienceSelect
              autoFocus
              className="field"
              value={readers.audience}
              upTo={readers.widest}
              onChoose={onAudience}
            />
          </label>
        ) : readers.widest === 'writerAndTeachers' ? null : (
          <button type="button" className="act justify-self-start" onClick={() => setLets(true)}>
            {t('letFewer')}
          </button>
        )}
        <PostAddress {...place} />
      </div>
    </section>
  );
}

/** Monograms of those who read it; their names stand in the words above. */
function People({ monograms }: { readonly monograms: readonly string[] }) {
  return monograms.map((monogram, index) => (
    <span key={index} className="mono" aria-hidden="true">
      {monogram}
    </span>
  ));
}
