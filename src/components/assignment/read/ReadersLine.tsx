'use client';

import { Users } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { RELEASES } from '../../../core/posts/release';
import { AudienceSelect } from '../../basics/AudienceSelect';
import { CheckFill } from '../forms/fields';
import { changeable } from './changeable';
import { ReadField } from './ReadField';
import { SaidLine } from './SaidLine';
import type { ReadProps } from './readProps';

/** Who reads the posts, and from when on. */
export function ReadersLine({ draft, ceiling, change, problemAt }: ReadProps) {
  const t = useTranslations('builder.read');
  const { audience, release, draftsOpen, hidesNames } = draft;
  return (
    <SaidLine
      icon={Users}
      isRefused={problemAt('audience') !== ''}
      said={
        <>
          {t.rich(`readBy.${audience}`, { ...changeable, release })}{' '}
          {draftsOpen ? t.rich('draftsSaid', changeable) : null}
          {hidesNames ? t.rich('namesSaid', changeable) : null}
        </>
      }
    >
      <ReadField label={t('audience')} problem={problemAt('audience')} hint={t(`audienceMeans.${audience}`)}>
        {(attributes) => (
          <AudienceSelect
            {...attributes}
            value={audience}
            upTo={ceiling}
            onChoose={(chosen) => change({ audience: chosen })}
          />
        )}
      </ReadField>
      <ReadField label={t('release')} problem={problemAt('release')}>
        {(attributes) => (
          <select
            {...attributes}
            value={release}
            onChange={(event) =>
              change({ release: RELEASES.find((one) => one === event.target.value) ?? release })
            }
          >
            {RELEASES.map((one) => (
              <option key={one} value={one}>
                {t(`releases.${one}`)}
              </option>
            ))}
          </select>
        )}
      </ReadField>
      {/* Whoever reads a draft with its name knows the hand-in again: one goes without the other. */}
      <CheckFill
        checked={draftsOpen}
        onChange={(open) => change(open ? { draftsOpen: true, hidesNames: false } : { draftsOpen: false })}
      >
        {t('draftsOpen')}
      </CheckFill>
      <CheckFill
        checked={hidesNames}
        onChange={(hides) => change(hides ? { hidesNames: true, draftsOpen: false } : { hidesNames: false })}
      >
        {t('hidesNames')}
      </CheckFill>
      {hidesNames && release !== 'opened' ? <p className="text-[14px] text-ink-2">{t('namesOut')}</p> : null}
    </SaidLine>
  );
}
