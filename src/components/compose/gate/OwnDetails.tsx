'use client';

import { useTranslations } from 'next-intl';
import { useEffect, useState } from 'react';
import { lookForDetails } from '../../../contract/details/lookForDetails';
import type { DetailShown } from '../../../contract/details/detailShown';
import { call } from '../../basics/call';

/** What of an own post strangers should not know, before it is handed in; nothing where it stays in the class. */
export function OwnDetails({ postId }: { readonly postId: string }) {
  const t = useTranslations('details');
  const [details, setDetails] = useState<readonly Pick<DetailShown, 'kind' | 'where' | 'text'>[] | null>(
    null,
  );
  useEffect(() => {
    let here = true;
    void call(lookForDetails, { postId }).then((outcome) => {
      if (here && outcome.ok) setDetails(outcome.value.details);
    });
    return () => {
      here = false;
    };
  }, [postId]);
  if (!details) return null;
  if (details.length === 0) return <p className="text-[14px] text-ink-2">{t('own.none')}</p>;
  return (
    <div className="text-[14px]" role="note">
      <b>{t('own.heading')}</b>
      <ul>
        {details.map(({ kind, where, text }, index) => (
          <li key={index} dir="auto">
            {t('own.one', { kind: t(`kind.${kind}`), where: t(`where.${where}`), text: `“${text}”` })}
          </li>
        ))}
      </ul>
      <p>{t('own.why')}</p>
    </div>
  );
}
