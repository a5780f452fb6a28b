import { useTranslations } from 'next-intl';
import Link from 'next/link';
import { useAddresses } from '../desk/useAddresses';
import type { BuilderProps } from './builderProps';

/** The drafts of an assignment that lets teachers read them, each a way to the draft itself. */
export function DraftsSoFar({ drafts }: Pick<BuilderProps, 'drafts'>) {
  const t = useTranslations('builder.drafts');
  const addresses = useAddresses();
  return (
    <section className="mt-8">
      <h2 className="section-head">{t('heading', { count: drafts.length })}</h2>
      <p className="under mt-2">{t('told')}</p>
      <ul className="mt-2 flex flex-wrap gap-x-5 gap-y-2">
        {drafts.map((one) => (
          <li key={one.postId}>
            {/* Each look is noted, so nothing is looked at in advance. */}
            <Link className="act" href={addresses.draft(one.postId)} prefetch={false}>
              {one.writer}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
