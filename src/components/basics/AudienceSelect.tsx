'use client';

import { useTranslations } from 'next-intl';
import { AUDIENCES, audiencesUpTo, type Audience } from '../../core/access/audience';

interface AudienceSelectProps {
  readonly id?: string;
  readonly 'aria-invalid'?: boolean;
  readonly 'aria-describedby'?: string;
  readonly className: string;
  readonly value: Audience;
  readonly upTo: Audience;
  readonly disabled?: boolean;
  readonly autoFocus?: boolean;
  readonly onChoose: (audience: Audience) => void;
}

/** Chooses who can read something, up to a ceiling. */
export function AudienceSelect({ value, upTo, onChoose, ...attributes }: AudienceSelectProps) {
  const t = useTranslations('audience');
  return (
    <select
      {...attributes}
      value={value}
      onChange={(event) => {
        const chosen = AUDIENCES.find((audience) => audience === event.target.value);
        if (chosen) onChoose(chosen);
      }}
    >
      {audiencesUpTo(upTo).map((audience) => (
        <option key={audience} value={audience}>
          {t(audience)}
        </option>
      ))}
    </select>
  );
}
