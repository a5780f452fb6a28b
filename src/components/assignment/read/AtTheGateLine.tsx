'use client';

import { DoorOpen } from 'lucide-react';
import { useTranslations } from 'next-intl';
import { changeable } from './changeable';
import { ReadField } from './ReadField';
import { SaidLine } from './SaidLine';
import type { ReadProps } from './readProps';

/** What the gate does while something required is missing. */
export function AtTheGateLine({ draft, change, problemAt }: ReadProps) {
  const t = useTranslations('builder.read');
  return (
    <SaidLine
      icon={DoorOpen}
      isRefused={problemAt('missing') !== ''}
      said={t.rich(`missingSaid.${draft.missing}`, changeable)}
    >
      <ReadField label={t('missing')} problem={problemAt('missing')}>
        {(attributes) => (
          <select
            {...attributes}
            value={draft.missing}
            onChange={(event) => change({ missing: event.target.value === 'stops' ? 'stops' : 'warns' })}
          >
            <option value="warns">{t('warns')}</option>
            <option value="stops">{t('stops')}</option>
          </select>
        )}
      </ReadField>
    </SaidLine>
  );
}
