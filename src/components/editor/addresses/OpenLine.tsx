'use client';

import { useTranslations } from 'next-intl';
import type { OpenResult } from '../../../core/requirements/post';
import { Mark } from '../../basics/Mark';

const MARKS: Readonly<Record<OpenResult, string>> = {
  opens: 's-m',
  private: 's-h',
  missing: 's-h',
  unreachable: 's-u',
};

/** How a stranger fares at an address, in words; `undefined` while nobody has looked. */
export function OpenLine({ result }: { readonly result: OpenResult | undefined }) {
  const t = useTranslations('editor.opens');
  const shut = result === 'private' || result === 'missing';
  return (
    <span className={`inline-flex items-center gap-1.5 text-[13.5px] ${shut ? 'text-clay' : 'text-ink-2'}`}>
      <Mark id={MARKS[result ?? 'unreachable']} className="s" /> {t(result ?? 'notYet')}
    </span>
  );
}
