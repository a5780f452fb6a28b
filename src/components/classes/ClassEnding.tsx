import { useTranslations } from 'next-intl';
import { DeleteClass } from './DeleteClass';
import { RestAndCopy } from './RestAndCopy';
import type { ClassNames } from './classProps';

export interface ClassEndingProps {
  readonly classId: string;
  readonly names: ClassNames;
  readonly resting: boolean;
  /** Whether an archive was taken since the class is at rest. */
  readonly archived: boolean;
  /** Whether who looks at it runs the class; only they delete it. */
  readonly runsIt: boolean;
}

/** What happens to a class when its year is over: a copy for the next one, rest, and in the end deleting. */
export function ClassEnding({ classId, names, resting, archived, runsIt }: ClassEndingProps) {
  const t = useTranslations('classSettings.ending');
  return (
    <main className="page" id="main">
      <h1 className="says">{t('heading', { title: names.title })}</h1>
      <p className="under">{t('under')}</p>
      <div className="mt-6 grid items-start gap-x-12 gap-y-10 lg:grid-cols-2">
        <RestAndCopy classId={classId} names={names} resting={resting} />
        {runsIt ? (
          <DeleteClass classId={classId} title={names.title} resting={resting} archived={archived} />
        ) : null}
      </div>
    </main>
  );
}
